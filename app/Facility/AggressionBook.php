<?php

declare(strict_types=1);

namespace App\Facility;

use App\Repair\StoredTable;
use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Company\Act;
use Biomegas\Company\Aggression\Aggression;
use Biomegas\Company\Aggression\Attempt;
use Biomegas\Company\Aggression\ChangeKind;
use Biomegas\Company\Aggression\Contests;
use Biomegas\Company\Aggression\HomeChange;
use Biomegas\Company\Aggression\HomeRecord;
use Biomegas\Company\Aggression\Occasion;
use Biomegas\Company\Aggression\OpenCase;
use Biomegas\Company\Aggression\SeenAct;
use Biomegas\Company\Aggression\Trend;
use Biomegas\Company\Aggression\WatchedSpan;
use Biomegas\Company\Harm;
use Biomegas\Facility\System;
use Biomegas\Moving\Watch\Intervention;
use Biomegas\Moving\Watch\Success;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What is written down about those that lived in a system, in the core's words: a handful of queries, no models. */
final readonly class AggressionBook
{
    private const MOST_TRIED = 6;

    private const WATER_CHANGE = 'water-change';

    private string $since;

    public function __construct(private FacilitySnapshot $kept)
    {
        $this->since = $kept->facility->date->plusDays(-Contests::DAYS)->toIso();
    }

    /** @return list<System> in which a case may be open, in walking order */
    public function systems(): array
    {
        $since = $this->kept->facility->date->plusDays(-OpenCase::DAYS)->toIso();
        $ids = self::inOneHome(DB::table('incidents')->where('incidents.date', '>=', $since))->distinct()->pluck('a.system_id')->map(intval(...))->all();

        return array_values(array_filter($this->kept->facility->systems, fn (System $system): bool => in_array(Keys::id($system->key), $ids, true)));
    }

    public function of(System $system): Aggression
    {
        return Aggression::of($this->record(Keys::id($system->key)), $this->came($system), $system->equipment->light, $this->kept->facility->rulebook, $this->kept->facility->date);
    }

    /** @return list<OpenCase> */
    public function cases(System $system): array
    {
        $today = $this->kept->facility->date;
        $acts = $this->acts(Keys::id($system->key));

        return OpenCase::among($acts, array_keys($this->came($system)), $this->settled(), $this->notEating(), Trend::of($acts, $this->spans(Keys::id($system->key)), $today), $today);
    }

    /** @return array<string, LocalDate> when each of those that live there now came, by key */
    private function came(System $system): array
    {
        $came = [];
        foreach ($this->kept->facility->residentsOf($system) as $resident) {
            $came[$resident->key] = $resident->stays[count($resident->stays) - 1]->from;
        }

        return $came;
    }

    /** @return array<string, string> names by key of all that were ever here */
    public function names(System $system): array
    {
        $names = DB::table('fish')->whereIn('id', DB::table('stays')->where('system_id', Keys::id($system->key))->select('fish_id'))->pluck('name', 'id');

        return $names->mapWithKeys(fn (string $name, int $id): array => [Keys::ofFish($id) => $name])->all();
    }

    /** @return list<array{int, Attempt}> the newest, each with the number of its entry */
    public function tried(int $system): array
    {
        $rows = $this->written($system)->orderByDesc('date')->orderByDesc('id')->limit(self::MOST_TRIED)->get();

        return $this->kept->unreadable->readAll(StoredTable::Attempts, $rows, fn (stdClass $row): array => [$row->id, self::attempt($row, LocalDate::fromIso($row->date))]);
    }

    private function written(int $system): Builder
    {
        return DB::table('attempts')->whereNull('deleted_at')->where('system_id', $system)->where('date', '>=', $this->since);
    }

    /** @return list<HomeChange> over the last year, by date */
    public function changes(int $system): array
    {
        $changes = [...$this->stays($system), ...$this->waterChanges($system), ...array_map(fn (Attempt $attempt): HomeChange => new HomeChange(ChangeKind::Intervention, $attempt->date, intervention: $attempt->intervention), $this->attempts($system))];
        usort($changes, fn (HomeChange $a, HomeChange $b): int => $b->date->daysUntil($a->date));

        return $changes;
    }

    private function record(int $system): HomeRecord
    {
        return new HomeRecord($this->acts($system), $this->spans($system), $this->attempts($system), $this->changes($system), $this->settled(), $this->notEating());
    }

    /** @return list<SeenAct> of the last year, by date */
    public function actsIn(System $system): array
    {
        return $this->acts(Keys::id($system->key));
    }

    /** @return list<SeenAct> */
    private function acts(int $system): array
    {
        $rows = $this->incidents($system)->get();

        return $this->kept->unreadable->readAll(StoredTable::Incidents, $rows, fn (stdClass $row): SeenAct => new SeenAct(
            Keys::ofFish($row->fish_id), Keys::ofFish($row->target_id), Act::from($row->act), Harm::from($row->harm), LocalDate::fromIso($row->date),
            $row->time === null ? null : LocalMoment::fromIso("{$row->date}T{$row->time}")->minute,
            array_values(array_map(Occasion::from(...), (array) json_decode($row->occasions, true, 8, JSON_THROW_ON_ERROR))),
        ));
    }

    private function incidents(int $system): Builder
    {
        return self::inOneHome(DB::table('incidents')->where('incidents.date', '>=', $this->since))->where('a.system_id', $system)
            ->distinct()->select('incidents.*')->orderBy('incidents.date')->orderBy('incidents.time')->orderBy('incidents.id');
    }

    /** With the stays "a" and "t" of the two on that day, in one home. */
    private static function inOneHome(Builder $incidents): Builder
    {
        foreach (['a' => 'incidents.fish_id', 't' => 'incidents.target_id'] as $stay => $fish) {
            $incidents->join("stays as {$stay}", fn ($join) => $join->on("{$stay}.fish_id", $fish)->on("{$stay}.from", '<=', 'incidents.date')
                ->where(fn ($end) => $end->whereNull("{$stay}.until")->orWhereColumn("{$stay}.until", '>=', 'incidents.date')));
        }

        return $incidents->whereNull('incidents.deleted_at')->whereColumn('a.system_id', 't.system_id');
    }

    /**
     * Watched by the clock, and the rounds of watches.
     *
     * @return list<WatchedSpan>
     */
    private function spans(int $system): array
    {
        $spans = DB::table('watched_spans')->whereNull('deleted_at')->whereNotNull('minutes')->where('system_id', $system)->where('began_at', '>=', $this->since)->get();
        $rounds = DB::table('watch_checks')->join('watches', 'watches.id', 'watch_checks.watch_id')->whereNull('watch_checks.deleted_at')->whereNull('watches.deleted_at')->whereNull('watch_checks.first_id')
            ->where('watches.system_id', $system)->where('watch_checks.at', '>=', $this->since)->select(['watch_checks.at', 'watches.id'])->get();

        return [
            ...$this->kept->unreadable->readAll(StoredTable::WatchedSpans, $spans, fn (stdClass $row): WatchedSpan => new WatchedSpan(LocalMoment::fromIso($row->began_at), (int) $row->minutes)),
            ...$this->kept->unreadable->readAll(StoredTable::Watches, $rounds, fn (stdClass $row): WatchedSpan => new WatchedSpan(LocalMoment::fromIso($row->at), WatchedSpan::ROUND_MINUTES)),
        ];
    }

    /**
     * By itself or with an incident, or on a watch.
     *
     * @return list<Attempt> by date
     */
    private function attempts(int $system): array
    {
        $onWatches = DB::table('watch_interventions')->join('watches', 'watches.id', 'watch_interventions.watch_id')->whereNull('watch_interventions.deleted_at')->whereNull('watches.deleted_at')->where('watches.system_id', $system)->where('watch_interventions.at', '>=', $this->since)
            ->select(['watch_interventions.*', 'watches.id'])->get();
        $attempts = [
            ...$this->kept->unreadable->readAll(StoredTable::Attempts, $this->written($system)->get(), fn (stdClass $row): Attempt => self::attempt($row, LocalDate::fromIso($row->date))),
            ...$this->kept->unreadable->readAll(StoredTable::Watches, $onWatches, fn (stdClass $row): Attempt => self::attempt($row, LocalMoment::fromIso($row->at)->date)),
        ];
        usort($attempts, fn (Attempt $a, Attempt $b): int => $b->date->daysUntil($a->date));

        return $attempts;
    }

    private static function attempt(stdClass $row, LocalDate $date): Attempt
    {
        return new Attempt(Intervention::from($row->intervention), $date, $row->success === null ? null : Success::from($row->success));
    }

    /** @return list<HomeChange> who came and went */
    private function stays(int $system): array
    {
        $rows = DB::table('stays')->where('system_id', $system)->orderBy('from')->orderBy('id')->get();
        $timeOuts = DB::table('move_sheets')->join('move_sheet_fish', 'move_sheet_fish.move_sheet_id', 'move_sheets.id')->whereNotNull('finished_at')->where('is_time_out', true)
            ->where('from_system_id', $system)->get(['fish_id', 'planned_on'])->map(fn (stdClass $row): string => "{$row->fish_id}@{$row->planned_on}")->all();
        $lived = [];

        return array_merge(...$this->kept->unreadable->readAll(StoredTable::Stays, $rows, function (stdClass $row) use (&$lived, $timeOuts): array {
            $fish = Keys::ofFish($row->fish_id);
            $kind = isset($lived[$fish]) ? ChangeKind::CameBack : ChangeKind::CameIn;
            $lived[$fish] = true;
            $leaves = in_array("{$row->fish_id}@{$row->until}", $timeOuts, true) ? ChangeKind::TimeOut : ChangeKind::WentOut;

            return [
                ...($row->from >= $this->since ? [new HomeChange($kind, LocalDate::fromIso($row->from), $fish)] : []),
                ...($row->until !== null && $row->until >= $this->since ? [new HomeChange($leaves, LocalDate::fromIso($row->until), $fish)] : []),
            ];
        }));
    }

    /** @return list<HomeChange> */
    private function waterChanges(int $system): array
    {
        $rows = DB::table('water_works')->whereNull('deleted_at')->where('system_id', $system)->where('kind', self::WATER_CHANGE)->where('date', '>=', $this->since)->get();

        return $this->kept->unreadable->readAll(StoredTable::WaterWorks, $rows, fn (stdClass $row): HomeChange => new HomeChange(ChangeKind::WaterChange, LocalDate::fromIso($row->date)));
    }

    /** @return array<string, LocalDate> by fish */
    private function settled(): array
    {
        return $this->lastOf(StoredTable::Settlements, DB::table('settlements')->whereNull('deleted_at'));
    }

    /** @return array<string, LocalDate> by fish */
    private function notEating(): array
    {
        return $this->lastOf(StoredTable::Looks, DB::table('health_observations')->whereNull('deleted_at')->where('is_eating', false));
    }

    /** @return array<string, LocalDate> by fish */
    private function lastOf(StoredTable $table, Builder $entries): array
    {
        $last = [];
        $this->kept->unreadable->readAll($table, $entries->where('date', '>=', $this->since)->orderBy('date')->get(), function (stdClass $row) use (&$last): void {
            $last[Keys::ofFish($row->fish_id)] = LocalDate::fromIso($row->date);
        });

        return $last;
    }
}
