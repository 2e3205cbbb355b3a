<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/*
 * One list of everything that happened, kept in step with the records by the
 * database itself, however they are written (docs/decisions/0025). A later
 * migration that makes one of these tables anew must make its triggers anew.
 */
return new class extends Migration
{
    private const ITS_FISH = '(select fish_id from watches where id = {r}.watch_id)';

    private const ITS_SYSTEM = '(select system_id from watches where id = {r}.watch_id)';

    /** Where a fish lived on a day. */
    private const HOME = '(select system_id from stays where fish_id = %s and "from" <= %s order by "from" desc, id desc limit 1)';

    /** Records whose changes stand in the history alone. */
    private const CHANGED = ['System', 'Species', 'FacilitySettings', 'Fish', 'Plan', 'Preparation'];

    public function up(): void
    {
        $this->letEverythingBeTakenOut();
        $this->createNotes();
        $this->createPictures();
        $this->createLines();
        foreach ($this->sources() as $kind => $source) {
            $this->follow($kind, ...$source);
        }
        $this->followNames();
        // Every row fires its trigger once.
        foreach (array_unique(array_column($this->sources(), 0)) as $table) {
            DB::statement("update \"{$table}\" set id = id");
        }
        DB::statement('update activity_log set id = id');
    }

    private function letEverythingBeTakenOut(): void
    {
        Schema::table('ration_changes', fn (Blueprint $table) => $table->dropUnique(['fish_id', 'from']));
        foreach (['ration_changes', 'quarantines', 'watches', 'watch_interventions'] as $name) {
            Schema::table($name, fn (Blueprint $table) => $table->softDeletes());
        }
        DB::statement('create unique index ration_changes_one_a_day on ration_changes (fish_id, "from") where deleted_at is null');
        Schema::table('health_observations', fn (Blueprint $table) => $table->time('time')->nullable());
    }

    private function createNotes(): void
    {
        Schema::create('notes', function (Blueprint $table): void {
            $table->id();
            // Of a fish, of a system, or of the day.
            $table->foreignId('fish_id')->nullable()->index()->constrained('fish');
            $table->foreignId('system_id')->nullable()->index()->constrained('systems');
            $table->date('date');
            $table->time('time')->nullable();
            $table->text('text');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
        });
    }

    private function createPictures(): void
    {
        Schema::create('pictures', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('fish_id')->nullable()->constrained('fish');
            $table->foreignId('system_id')->nullable()->constrained('systems');
            // The entry of the log that it goes with; null: it is one itself.
            $table->string('entry_kind')->nullable();
            $table->unsignedBigInteger('entry_id')->nullable();
            $table->date('date');
            $table->time('time')->nullable();
            $table->unsignedInteger('width');
            $table->unsignedInteger('height');
            // On the disk, in all sizes.
            $table->unsignedBigInteger('bytes');
            $table->string('sha256', 64);
            $table->string('note', 300)->nullable();
            // What is marked on it to read lengths from it.
            $table->json('marks')->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
            $table->softDeletes();
            $table->index(['fish_id', 'date']);
            $table->index(['system_id', 'date']);
            $table->index(['entry_kind', 'entry_id']);
        });
        Schema::table('measurements', function (Blueprint $table): void {
            // The picture that it was read from.
            $table->foreignId('picture_id')->nullable();
            // Its own relative standard error; null: as is usual for its method.
            $table->float('own_error')->nullable();
        });
        Schema::table('facilities', fn (Blueprint $table) => $table->unsignedInteger('picture_limit_mb')->default(2000));
        Schema::table('systems', fn (Blueprint $table) => $table->string('camera_url', 300)->nullable());
    }

    private function createLines(): void
    {
        Schema::create('log_lines', function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->unsignedBigInteger('row_id');
            $table->date('date');
            // On the clock of the facility; null: only the day is known.
            $table->string('time')->nullable();
            $table->unsignedBigInteger('fish_id')->nullable();
            $table->unsignedBigInteger('other_fish_id')->nullable();
            $table->unsignedBigInteger('system_id')->nullable();
            $table->unsignedBigInteger('other_system_id')->nullable();
            $table->unsignedBigInteger('user_id')->nullable();
            $table->timestamp('written_at')->nullable();
            // One of several that were written in one go: it stands in the part of its fish alone.
            $table->boolean('is_led')->default(false);
            $table->timestamp('removed_at')->nullable();
            // What it says, to be searched; null: not told yet.
            $table->text('text')->nullable();
            $table->unique(['kind', 'row_id']);
            $table->index(['date', 'time', 'id']);
            foreach (['kind', 'fish_id', 'other_fish_id', 'system_id', 'other_system_id'] as $of) {
                $table->index([$of, 'date']);
            }
        });
        DB::statement('create index log_lines_untold on log_lines (id) where text is null');
        // Counts by day are read from it alone.
        DB::statement('create index log_lines_of_days on log_lines (date, kind) where removed_at is null and is_led = 0');
        DB::statement('create virtual table log_words using fts5(text, content=\'log_lines\', content_rowid=\'id\', tokenize="unicode61 remove_diacritics 2", prefix=\'2 3\')');
        DB::statement('create virtual table log_vocabulary using fts5vocab(log_words, row)');
        $forget = 'insert into log_words (log_words, rowid, text) select \'delete\', old.id, old.text where old.text is not null;';
        DB::unprepared("create trigger log_words_update after update of text on log_lines begin {$forget} insert into log_words (rowid, text) select new.id, new.text where new.text is not null; end");
        DB::unprepared("create trigger log_words_delete after delete on log_lines begin {$forget} end");
    }

    /**
     * What is read from a row "{r}": its table, day, time, fish, other fish,
     * system, other system, whether it is led by another, and which rows count.
     *
     * @return array<string, array{0: string, 1: string, 2: string, 3: string, 4?: string, 5?: string, 6?: string, 7?: string, 8?: string}>
     */
    private function sources(): array
    {
        $at = ['substr({r}.at, 1, 10)', 'substr({r}.at, 12, 5)'];

        return [
            'length' => ['measurements', '{r}.date', 'null', '{r}.fish_id'],
            'incident' => ['incidents', '{r}.date', 'substr({r}.time, 1, 5)', '{r}.fish_id', '{r}.target_id', 'null', 'null', '{r}.first_id is not null'],
            'loss' => ['losses', '{r}.date', 'null', '{r}.fish_id', '{r}.eaten_by_id'],
            'count' => ['counts', '{r}.date', 'null', '{r}.fish_id'],
            'move' => ['moves', '{r}.date', 'null', '{r}.fish_id', 'null', '{r}.to_system_id', '{r}.from_system_id'],
            'makeup' => ['makeups', '{r}.date', 'null', '{r}.fish_id'],
            'parting' => ['shoal_splits', '{r}.date', 'null', '{r}.from_fish_id', '{r}.to_fish_id'],
            'joining' => ['shoal_joins', '{r}.date', 'null', '{r}.fish_id', '{r}.into_fish_id'],
            'inspection' => ['inspections', '{r}.date', 'null', '{r}.fish_id'],
            'look' => ['health_observations', '{r}.date', 'substr({r}.time, 1, 5)', '{r}.fish_id'],
            'treatment' => ['treatments', '{r}."from"', 'null', '{r}.fish_id'],
            'quarantine' => ['quarantines', '{r}."from"', 'null', '{r}.fish_id'],
            'release' => ['quarantines', '{r}.released_on', 'null', '{r}.fish_id', 'null', 'null', 'null', '0', '{r}.released_on is not null'],
            'test' => ['water_tests', '{r}.date', 'null', 'null', 'null', '{r}.system_id'],
            'work' => ['water_works', '{r}.date', 'null', 'null', 'null', '{r}.system_id'],
            'watch' => ['watches', 'substr({r}.began_at, 1, 10)', 'substr({r}.began_at, 12, 5)', '{r}.fish_id', 'null', '{r}.system_id'],
            'watch-end' => ['watches', 'substr({r}.ended_at, 1, 10)', 'substr({r}.ended_at, 12, 5)', '{r}.fish_id', 'null', '{r}.system_id', 'null', '0', '{r}.ended is not null and {r}.ended_at is not null'],
            'check' => ['watch_checks', ...$at, self::ITS_FISH, 'coalesce({r}.chased_by_id, {r}.chases_id)', self::ITS_SYSTEM, 'null', '{r}.first_id is not null'],
            'intervention' => ['watch_interventions', ...$at, self::ITS_FISH, 'null', self::ITS_SYSTEM],
            'attempt' => ['attempts', '{r}.date', 'null', 'null', 'null', '{r}.system_id'],
            'settlement' => ['settlements', '{r}.date', 'null', '{r}.fish_id'],
            'span' => ['watched_spans', 'substr({r}.began_at, 1, 10)', 'substr({r}.began_at, 12, 5)', 'null', 'null', '{r}.system_id', 'null', '0', '{r}.minutes is not null'],
            'verdict' => ['pair_verdicts', '{r}.date', 'null', '{r}.fish_id', '{r}.other_id'],
            'brood' => ['broods', '{r}.date', 'null', '{r}.fish_id', '{r}.father_id', '{r}.system_id'],
            'feeding' => ['ration_changes', '{r}."from"', 'null', '{r}.fish_id'],
            'arrival' => ['fish', '{r}.arrived_on', 'null', '{r}.id', 'null', '(select system_id from stays where fish_id = {r}.id order by "from", id limit 1)'],
            'picture' => ['pictures', '{r}.date', 'substr({r}.time, 1, 5)', '{r}.fish_id', 'null', '{r}.system_id', 'null', '0', '{r}.entry_kind is null'],
            'note' => ['notes', '{r}.date', 'substr({r}.time, 1, 5)', '{r}.fish_id', 'null', '{r}.system_id'],
        ];
    }

    private function follow(string $kind, string $table, string $date, string $time, string $fish = 'null', string $other = 'null', string $system = 'null', string $otherSystem = 'null', string $isLed = '0', string $counts = '1'): void
    {
        $user = Schema::hasColumn($table, 'user_id') ? '{r}.user_id' : 'null';
        $removed = Schema::hasColumn($table, 'deleted_at') ? '{r}.deleted_at' : 'null';
        $home = $fish === 'null' || $kind === 'arrival' ? $system : "coalesce({$system}, ".sprintf(self::HOME, $fish, $date).')';
        $write = <<<SQL
            delete from log_lines where kind = '{$kind}' and row_id = {r}.id and not ({$counts});
            insert into log_lines (kind, row_id, date, time, fish_id, other_fish_id, system_id, other_system_id, user_id, written_at, is_led, removed_at)
            select '{$kind}', {r}.id, {$date}, {$time}, {$fish}, {$other}, {$home}, {$otherSystem}, {$user}, {r}.created_at, {$isLed}, {$removed} where {$counts}
            on conflict (kind, row_id) do update set date = excluded.date, time = excluded.time, fish_id = excluded.fish_id, other_fish_id = excluded.other_fish_id, system_id = excluded.system_id,
                other_system_id = excluded.other_system_id, user_id = excluded.user_id, written_at = excluded.written_at, is_led = excluded.is_led, removed_at = excluded.removed_at, text = null;
            SQL;
        $now = str_replace('{r}', 'new', $write);
        $name = 'log_'.str_replace('-', '_', $kind);
        DB::unprepared("create trigger {$name}_insert after insert on \"{$table}\" begin {$now} end");
        DB::unprepared("create trigger {$name}_update after update on \"{$table}\" begin {$now} end");
        DB::unprepared("create trigger {$name}_delete after delete on \"{$table}\" begin delete from log_lines where kind = '{$kind}' and row_id = old.id; end");
    }

    private function followNames(): void
    {
        $changed = implode(', ', array_map(fn (string $model): string => "'App\\Models\\{$model}'", self::CHANGED));
        $write = <<<SQL
            insert into log_lines (kind, row_id, date, fish_id, system_id, user_id, written_at)
            select 'change', new.id, date(new.created_at), case new.subject_type when 'App\\Models\\Fish' then new.subject_id end,
                case new.subject_type when 'App\\Models\\System' then new.subject_id when 'App\\Models\\Preparation' then (select system_id from preparations where id = new.subject_id) end, new.causer_id, new.created_at
            where new.subject_type in ({$changed}) and (new.event = 'updated' or new.event = 'created' and new.subject_type in ('App\\Models\\System', 'App\\Models\\Species'))
            on conflict (kind, row_id) do nothing;
            SQL;
        DB::unprepared("create trigger log_change_insert after insert on activity_log begin {$write} end");
        DB::unprepared("create trigger log_change_update after update on activity_log begin delete from log_lines where kind = 'change' and row_id = new.id; {$write} end");
        DB::unprepared("create trigger log_change_delete after delete on activity_log begin delete from log_lines where kind = 'change' and row_id = old.id; end");
        // A part of a shoal did not arrive: it was parted.
        DB::unprepared("create trigger log_part_arrival after insert on shoal_splits begin delete from log_lines where kind = 'arrival' and row_id = new.to_fish_id; end");
        DB::unprepared('create trigger log_fish_named after update of name on fish when new.name <> old.name begin update log_lines set text = null where fish_id = new.id; update log_lines set text = null where other_fish_id = new.id; end');
        DB::unprepared('create trigger log_system_named after update of name on systems when new.name <> old.name begin update log_lines set text = null where system_id = new.id; update log_lines set text = null where other_system_id = new.id; end');
        $home = sprintf(self::HOME, 'log_lines.fish_id', 'log_lines.date');
        foreach (['insert' => 'new', 'update' => 'new', 'delete' => 'old'] as $event => $row) {
            DB::unprepared("create trigger log_stays_{$event} after {$event} on stays begin update log_lines set system_id = {$home} where fish_id = {$row}.fish_id and date >= {$row}.\"from\" and kind not in ('move', 'watch', 'watch-end', 'check', 'intervention', 'brood', 'note', 'picture', 'change', 'arrival'); end");
        }
        DB::unprepared("create trigger log_first_home after insert on stays when new.move_id is null begin update log_lines set system_id = new.system_id where kind = 'arrival' and row_id = new.fish_id; end");
    }

    public function down(): void
    {
        foreach (DB::table('sqlite_master')->where('type', 'trigger')->whereRaw("name like 'log\\_%' escape '\\'")->pluck('name') as $trigger) {
            DB::statement("drop trigger \"{$trigger}\"");
        }
        DB::statement('drop table log_vocabulary');
        DB::statement('drop table log_words');
        Schema::drop('log_lines');
        Schema::drop('notes');
        Schema::drop('pictures');
        Schema::table('measurements', fn (Blueprint $table) => $table->dropColumn(['picture_id', 'own_error']));
        Schema::table('facilities', fn (Blueprint $table) => $table->dropColumn('picture_limit_mb'));
        Schema::table('systems', fn (Blueprint $table) => $table->dropColumn('camera_url'));
        DB::statement('drop index ration_changes_one_a_day');
        Schema::table('health_observations', fn (Blueprint $table) => $table->dropColumn('time'));
        foreach (['ration_changes', 'quarantines', 'watches', 'watch_interventions'] as $name) {
            DB::table($name)->whereNotNull('deleted_at')->delete();
            Schema::table($name, fn (Blueprint $table) => $table->dropSoftDeletes());
        }
        Schema::table('ration_changes', fn (Blueprint $table) => $table->unique(['fish_id', 'from']));
    }
};
