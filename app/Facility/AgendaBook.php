<?php

declare(strict_types=1);

namespace App\Facility;

use App\Feeding\Refusals;
use App\Models\Brood as BroodRecord;
use App\Models\MoveSheet;
use App\Models\Plan;
use App\Models\Preparation;
use App\Models\Quarantine;
use App\Models\Watch;
use App\Repair\StoredTable;
use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Aggression\OpenCase;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Losses\CountCurve;
use Biomegas\Moving\Sheet\DailyTests;
use Biomegas\Planning\Agenda\Agenda;
use Biomegas\Planning\Agenda\AgendaItem;
use Biomegas\Planning\Agenda\WeekRhythm;
use Biomegas\Planning\Plan\Concern;
use Biomegas\Planning\Supposing\Parted;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What is written down that asks for something today. */
final readonly class AgendaBook
{
    private const MOST = 100;

    private function __construct(private FacilitySnapshot $kept)
    {
    }

    public static function today(FacilitySnapshot $kept): Agenda
    {
        $book = new self($kept);

        return new Agenda(
            [...$book->waters(), ...$book->watches(), ...$book->company(), ...$book->signs(), ...$book->refusals(), ...$book->broods(), ...$book->lowCounts(), ...$book->moves(), ...$book->plan(), ...$book->quarantines(), ...$book->dailyTests(), ...$book->outgrown(), ...$book->preparations(), ...$book->weeklyChanges(), ...$book->inspections(), ...$book->measurements()],
            array_keys($kept->facility->systems),
        );
    }

    /** @return list<AgendaItem|null> */
    private function waters(): array
    {
        return array_map(
            fn (System $system): ?AgendaItem => $this->kept->facility->residentsOf($system) === [] ? null : AgendaItem::ofWater($system, $this->kept->alarms($system), $this->kept->water->tests($system->key)),
            array_values($this->kept->facility->systems),
        );
    }

    /** @return list<AgendaItem> */
    private function outgrown(): array
    {
        return $this->kept->ofAllFish('outgrown', [], fn (): array => array_values(array_filter(array_map(
            fn (Fish $fish): ?AgendaItem => AgendaItem::ofOutgrown($fish, $this->kept->homesAhead($fish), $this->kept->facility->date),
            $this->kept->facility->fish,
        ))));
    }

    /** @return list<AgendaItem|null> */
    private function inspections(): array
    {
        $last = Inspections::last($this->kept->unreadable);

        return array_map(
            fn (Fish $fish): ?AgendaItem => AgendaItem::ofInspections($fish, $this->kept->kept($fish)->background->inspections, $last[$fish->key] ?? [], $this->kept->facility->date),
            array_values($this->kept->facility->fish),
        );
    }

    /** @return list<AgendaItem|null> */
    private function weeklyChanges(): array
    {
        $rhythm = self::rhythm();
        $last = $rhythm->changes === [] ? [] : DB::table('water_works')->whereNull('deleted_at')->where('kind', WaterBook::CHANGE)->groupBy('system_id')->selectRaw('system_id, max(date) as date')->pluck('date', 'system_id')->all();

        return array_map(function (System $system) use ($rhythm, $last): ?AgendaItem {
            $day = $last[Keys::id($system->key)] ?? null;

            return $this->kept->facility->residentsOf($system) === [] ? null : AgendaItem::ofWeeklyChange($system, $day === null ? null : LocalDate::fromIso($day), $this->kept->facility->date, $rhythm);
        }, array_values($this->kept->facility->systems));
    }

    private static function rhythm(): WeekRhythm
    {
        $stored = json_decode((string) DB::table('facilities')->value('rhythm'), true) ?: [];

        return new WeekRhythm($stored['changes'] ?? [], $stored['measures'] ?? []);
    }

    /** @return list<AgendaItem|null> one for all that were added in one go */
    private function watches(): array
    {
        $going = Watches::going($this->kept);
        $states = [];
        $this->kept->unreadable->readAll(StoredTable::Watches, $going, function (Watch $watch) use (&$states): void {
            $states[$watch->id] = [$this->kept->fish($watch->fish_id), Watches::stateOf($this->kept, $watch)];
        });
        $additions = $going->filter(fn (Watch $watch): bool => isset($states[$watch->id]))->groupBy(Watches::additionOf(...));

        return array_values($additions->map(fn (Collection $together): ?AgendaItem => AgendaItem::ofAddition(
            $together->firstOrFail()->id, $this->kept->system($together->firstOrFail()->system_id), array_values($together->map(fn (Watch $watch): array => $states[$watch->id])->all()),
        ))->all());
    }

    /** @return list<AgendaItem> */
    private function company(): array
    {
        $book = new AggressionBook($this->kept);

        return array_merge(...array_map(function (System $system) use ($book): array {
            $names = $book->names($system);

            return array_map(fn (OpenCase $case): AgendaItem => AgendaItem::ofCase($system, $case, $names), $book->cases($system));
        }, $book->systems()));
    }

    /** @return list<AgendaItem|null> of those out of quarantine, whose looks are asked for there */
    private function signs(): array
    {
        $newest = DB::table('health_observations')->whereNull('deleted_at')->whereNotIn('fish_id', Quarantine::query()->whereNull('released_on')->select('fish_id'))
            ->whereRaw('not exists (select 1 from health_observations later where later.deleted_at is null and later.fish_id = health_observations.fish_id and (later.date, coalesce(later.time, \'\'), later.id) > (health_observations.date, coalesce(health_observations.time, \'\'), health_observations.id))')
            ->where(fn ($unwell) => $unwell->where('is_eating', false)->orWhereNotNull('sign'))->orderBy('date')->limit(self::MOST)->get();

        return $this->kept->unreadable->readAll(StoredTable::Looks, $newest, function (stdClass $look): ?AgendaItem {
            $fish = $this->kept->find($look->fish_id);

            return $fish === null ? null : AgendaItem::ofSign($fish, LocalDate::fromIso($look->date), (bool) $look->is_eating, $look->sign, $this->kept->facility->date);
        });
    }

    /** @return list<AgendaItem|null> who leaves its food for longer than its kind may */
    private function refusals(): array
    {
        $refusals = new Refusals($this->kept);

        return array_map(function (Fish $fish) use ($refusals): ?AgendaItem {
            $refusal = $refusals->of($fish);

            return $refusal === null ? null : AgendaItem::ofRefusal($fish, $refusal);
        }, array_values($this->kept->facility->fish));
    }

    /** @return list<AgendaItem|null> */
    private function lowCounts(): array
    {
        $events = (new HeadCountEvents($this->kept->unreadable))->byFish();

        return array_map(function (Fish $fish) use ($events): ?AgendaItem {
            $record = $this->kept->kept($fish);

            return isset($events[$record->id]) ? AgendaItem::ofLowCounts($fish, CountCurve::of($fish->arrived, $record->arrived, $fish->purpose, $events[$record->id], $this->kept->facility->date)) : null;
        }, array_values($this->kept->facility->fish));
    }

    /** @return list<AgendaItem|null> */
    private function broods(): array
    {
        return $this->kept->unreadable->readAll(StoredTable::Broods, Broods::going(), function (BroodRecord $written): ?AgendaItem {
            $brood = Broods::of($this->kept, $written);

            return $brood === null ? null : AgendaItem::ofBrood($written->id, $this->kept->system($written->system_id), $brood, $this->kept->facility->date);
        });
    }

    /** @return list<AgendaItem|null> */
    private function moves(): array
    {
        $sheets = MoveSheet::query()->with('fish.fish')->whereNull('cancelled_at')->where(fn ($either) => $either->whereNull('finished_at')->orWhereNotNull('until'))->orderBy('planned_on')->limit(self::MOST)->get();

        return $this->kept->unreadable->readAll(StoredTable::MoveSheets, $sheets, fn (MoveSheet $sheet): ?AgendaItem => AgendaItem::ofMove(
            $sheet->id, implode(', ', MovingBook::namesOf($this->kept, $sheet)), MovingBook::progressOf($sheet),
            $this->kept->system($sheet->from_system_id), $this->kept->system($sheet->to_system_id), $this->kept->facility->date,
        ));
    }

    /** @return list<AgendaItem|null> of the plan that is followed */
    private function plan(): array
    {
        $adopted = Plan::adopted();
        if ($adopted === null) {
            return [];
        }
        [$today, $book] = [$this->kept->facility->date, new PlanBook($this->kept)];
        $items = array_map(fn (Concern $concern): AgendaItem => AgendaItem::ofConcern($concern->fish, $concern->finding), $book->newConcerns($adopted));
        $moves = $book->read($adopted)->moves;
        foreach ($moves as $move) {
            if ($this->kept->settledSheets($move->fish) === [] && $move->from->key === $move->fish->currentSystem()) {
                $items[] = AgendaItem::ofPlannedMove($move, $book->plannedDay($adopted, $move), $this->kept->brief($this->kept->facility->fish[Parted::whole($move->fish->key)])->length->likely, $today);
            }
        }
        foreach ($book->supposed($adopted) as $mend) {
            $items[] = AgendaItem::ofPlannedMend($mend, $this->kept->facility);
        }

        return [...AgendaItem::ofPlannedSteps($this->kept->facility, $moves), ...$items];
    }

    /** @return list<AgendaItem|null> */
    private function quarantines(): array
    {
        return $this->kept->unreadable->readAll(StoredTable::Quarantines, MovesUnderWay::quarantines(self::MOST), function (Quarantine $open): ?AgendaItem {
            $fish = $this->kept->find($open->fish_id);

            return $fish === null ? null : AgendaItem::ofQuarantine($open->id, $fish, MovingBook::stateOf($this->kept, $open));
        });
    }

    /** @return list<AgendaItem|null> */
    private function preparations(): array
    {
        return $this->kept->unreadable->readAll(StoredTable::Preparations, Preparation::query()->limit(self::MOST)->get(), function (Preparation $written): ?AgendaItem {
            $system = $this->kept->system($written->system_id);

            return AgendaItem::ofPreparation($system, Preparations::of($this->kept, $system, $written), $this->kept->facility->date);
        });
    }

    /** @return array<int, AgendaItem|null> one for each home, however many moved in */
    private function dailyTests(): array
    {
        $sheets = MoveSheet::query()->whereNotNull('finished_at')->where('test_until', '>=', $this->kept->facility->date->toIso())->orderBy('test_until')->limit(self::MOST)->get();
        $items = [];
        $this->kept->unreadable->readAll(StoredTable::MoveSheets, $sheets, function (MoveSheet $sheet) use (&$items): void {
            $system = $this->kept->system($sheet->to_system_id);
            $items[$sheet->to_system_id] = AgendaItem::ofDailyTests($system, DailyTests::until(LocalDate::fromIso((string) $sheet->test_until)), $this->kept->water->tests($system->key), $this->kept->facility->date);
        });

        return $items;
    }

    /** @return list<AgendaItem> */
    private function measurements(): array
    {
        $rhythm = self::rhythm();

        return $this->kept->ofAllFish('to measure', [$rhythm], fn (): array => array_values(array_filter(array_map(
            fn (Fish $fish): ?AgendaItem => AgendaItem::ofMeasurement($fish, $this->kept->brief($fish)->measureOn, $this->kept->facility->date, $rhythm),
            $this->kept->facility->fish,
        ))));
    }
}
