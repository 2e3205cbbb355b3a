<?php

declare(strict_types=1);

use Illuminate\Database\Migrations\Migration;
use Illuminate\Database\Schema\Blueprint;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/* Owner, keepers, helpers, viewers and sitters; where each is signed in; what is mailed to them. */
return new class extends Migration
{
    public function up(): void
    {
        Schema::table('users', function (Blueprint $table): void {
            // Whoever has left stays as the author of what they wrote.
            $table->timestamp('closed_at')->nullable();
            $table->boolean('wants_letter')->default(false);
        });
        Schema::create('sign_ins', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            // Of what the session holds.
            $table->string('secret_hash', 64)->unique();
            // As the browser names itself.
            $table->string('agent', 300);
            $table->timestamp('began_at');
            $table->timestamp('seen_at');
        });
        Schema::create('password_reset_tokens', function (Blueprint $table): void {
            $table->string('email')->primary();
            $table->string('token');
            $table->timestamp('created_at')->nullable();
        });
        Schema::create('failed_jobs', function (Blueprint $table): void {
            $table->id();
            $table->string('uuid')->unique();
            $table->text('connection');
            $table->text('queue');
            $table->longText('payload');
            $table->longText('exception');
            $table->timestamp('failed_at')->useCurrent();
        });
        Schema::create('invitations', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('role');
            $table->string('secret_hash', 64)->unique();
            $table->foreignId('user_id')->constrained()->cascadeOnDelete();
            $table->timestamp('expires_at');
            $table->timestamps();
        });
        Schema::create('sitters', function (Blueprint $table): void {
            $table->id();
            $table->string('name');
            $table->string('secret_hash', 64)->unique();
            $table->date('from');
            $table->date('until');
            // Whom to call, and what else to know.
            $table->string('call', 200);
            $table->text('note')->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamp('seen_at')->nullable();
            $table->timestamp('revoked_at')->nullable();
            $table->timestamps();
        });
        Schema::create('round_ticks', function (Blueprint $table): void {
            $table->id();
            $table->foreignId('sitter_id')->constrained('sitters');
            $table->foreignId('system_id')->nullable()->constrained('systems');
            $table->date('date');
            $table->time('time');
            // What was asked; one tick a day for each.
            $table->string('task');
            $table->string('outcome');
            $table->string('note', 500)->nullable();
            $table->timestamps();
            $table->softDeletes();
        });
        $this->followTicks();
        Schema::create('tasks', function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            $table->string('state');
            // How much of it is done.
            $table->float('share')->default(0);
            $table->boolean('is_stop_asked')->default(false);
            // What it made, or works on: a name in the folder of its kind.
            $table->string('file')->nullable();
            $table->string('problem', 1000)->nullable();
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
        });
        Schema::create('imports', function (Blueprint $table): void {
            $table->id();
            $table->string('kind');
            // Of the file that was brought.
            $table->string('name');
            $table->longText('text');
            // Which column is what, how dates are read, in which units bare numbers are.
            $table->json('reading');
            $table->string('state');
            // Every row as it was read last.
            $table->longText('rows')->default('[]');
            // What was written: table and number each.
            $table->longText('written')->default('[]');
            $table->foreignId('user_id')->nullable()->constrained()->nullOnDelete();
            $table->timestamps();
        });
        Schema::create('letters', function (Blueprint $table): void {
            $table->id();
            $table->string('to');
            $table->string('subject');
            $table->text('text');
            $table->timestamp('sent_at')->index();
        });
        Schema::table('facilities', function (Blueprint $table): void {
            // Systems of quantities that are set apart from the others: {"temperature": "us"}.
            $table->json('units_apart')->default('{}');
            // On which days of the week regular work is done: {"changes": [6], "measures": [7]}.
            $table->json('rhythm')->default('{}');
            $table->time('letter_at')->default('06:30');
            // What went wrong when letters were sent last; null: nothing.
            $table->string('letter_problem', 500)->nullable();
            $table->timestamp('letter_tried_at')->nullable();
            $table->date('letter_sent_on')->nullable();
        });
    }

    /** In the one log, as every record is (migration 23). */
    private function followTicks(): void
    {
        $write = <<<'SQL'
            insert into log_lines (kind, row_id, date, time, system_id, written_at, removed_at)
            values ('sitting', new.id, new.date, substr(new.time, 1, 5), new.system_id, new.created_at, new.deleted_at)
            on conflict (kind, row_id) do update set date = excluded.date, time = excluded.time, system_id = excluded.system_id, written_at = excluded.written_at, removed_at = excluded.removed_at, text = null;
            SQL;
        DB::unprepared("create trigger log_sitting_insert after insert on round_ticks begin {$write} end");
        DB::unprepared("create trigger log_sitting_update after update on round_ticks begin {$write} end");
        DB::unprepared("create trigger log_sitting_delete after delete on round_ticks begin delete from log_lines where kind = 'sitting' and row_id = old.id; end");
    }
};
