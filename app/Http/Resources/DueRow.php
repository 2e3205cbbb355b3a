<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Facility\MovingBook;
use App\Facility\Preparations;
use App\Models\MoveSheet;
use App\Models\Preparation;
use App\Models\Quarantine;
use App\Repair\StoredTable;
use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Moving\Sheet\DailyTests;
use Biomegas\Planning\MeasurementDue;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One thing of the round that is due.')]
final readonly class DueRow
{
    private const MOST = 100;

    public function __construct(
        #[OA\Property] public int $system_id,
        #[OA\Property(type: 'string', enum: ['measure', 'watch', 'move', 'interim', 'quarantine', 'preparation', 'test'])] public string $kind,
        #[OA\Property(description: 'The fish it is about.')] public ?int $fish_id,
        #[OA\Property(description: 'Of the watch, move sheet or quarantine.')] public ?int $of_id,
        #[OA\Property(description: 'What it is about.')] public string $name,
        #[OA\Property(description: 'What is due, in words.')] public string $words,
        #[OA\Property] public bool $is_late,
    ) {
    }

    /**
     * @param  list<SystemSheet>  $systems  in walking order
     * @return list<self>
     */
    public static function all(FacilitySnapshot $kept, array $systems): array
    {
        $all = [...self::watches($kept), ...self::moves($kept), ...self::quarantines($kept), ...self::preparations($kept), ...self::tests($kept), ...self::measurements($kept, $systems)];
        $order = array_flip(array_map(fn (SystemSheet $sheet): int => $sheet->id, $systems));
        usort($all, fn (self $a, self $b): int => [$order[$a->system_id] ?? 0, $b->is_late] <=> [$order[$b->system_id] ?? 0, $a->is_late]);

        return $all;
    }

    /** @return list<self> */
    private static function watches(FacilitySnapshot $kept): array
    {
        $due = array_filter(Moves::watches($kept), fn (WatchSheet $watch): bool => $watch->is_due || $watch->outcome->value === 'take-out');

        return array_values(array_map(fn (WatchSheet $watch): self => new self($watch->system_id, 'watch', $watch->fish_id, $watch->id, $watch->name, $watch->sentence, $watch->outcome->value === 'take-out'), $due));
    }

    /** @return list<self> */
    private static function moves(FacilitySnapshot $kept): array
    {
        $sheets = MoveSheet::query()->with('fish')->whereNull('cancelled_at')->where(fn ($either) => $either->whereNull('finished_at')->orWhereNotNull('until'))->orderBy('planned_on')->limit(self::MOST)->get();
        $says = $kept->says();
        $read = function (MoveSheet $sheet) use ($kept, $says): ?self {
            $row = MoveSheetRow::from($kept, $sheet);
            $who = implode(', ', $row->fish);
            if ($row->is_due) {
                return new self($row->from_system_id, 'move', null, $row->id, $who, $says->phrase($row->state === 'begun' ? Finding::of('today.move_begun', to: $row->to) : Finding::of('today.move', to: $row->to)), $row->planned_on < $kept->facility->date->toIso());
            }

            return $row->is_over && $row->until !== null
                ? new self($row->to_system_id, 'interim', null, $row->id, $who, $says->phrase($row->is_time_out ? Finding::of('today.time_out', until: LocalDate::fromIso($row->until)) : Finding::of('today.interim', until: LocalDate::fromIso($row->until))), true)
                : null;
        };

        return array_values(array_filter($kept->unreadable->readAll(StoredTable::MoveSheets, $sheets, $read)));
    }

    /** @return list<self> */
    private static function quarantines(FacilitySnapshot $kept): array
    {
        $read = function (Quarantine $open) use ($kept): ?self {
            $fish = $kept->find($open->fish_id);
            $state = MovingBook::stateOf($kept, $open);

            return $fish !== null && $state->isDue()
                ? new self(Keys::id($fish->currentSystem()), 'quarantine', $open->fish_id, $open->id, $fish->name, $kept->says()->phrase($state->mayLeave() ? $state->finding() : Finding::of('today.quarantine')), false)
                : null;
        };

        return array_values(array_filter($kept->unreadable->readAll(StoredTable::Quarantines, Quarantine::query()->whereNull('released_on')->limit(self::MOST)->get(), $read)));
    }

    /** @return list<self> */
    private static function preparations(FacilitySnapshot $kept): array
    {
        $read = function (Preparation $written) use ($kept): ?self {
            $system = $kept->system($written->system_id);
            $readying = Preparations::of($kept, $system, $written);
            $next = $readying->preparation->next();

            return $next !== null && $next->isDueOn($kept->facility->date)
                ? new self($written->system_id, 'preparation', null, null, $system->name, lcfirst($kept->says()->phrase($readying->what($next->step))), $next->isLateOn($kept->facility->date))
                : null;
        };

        return array_values(array_filter($kept->unreadable->readAll(StoredTable::Preparations, Preparation::query()->limit(self::MOST)->get(), $read)));
    }

    /** @return list<self> one for each home, however many moved in */
    private static function tests(FacilitySnapshot $kept): array
    {
        $today = $kept->facility->date;
        $rows = [];
        $sheets = MoveSheet::query()->whereNotNull('finished_at')->where('test_until', '>=', $today->toIso())->orderBy('test_until')->limit(self::MOST)->get();
        $kept->unreadable->readAll(StoredTable::MoveSheets, $sheets, function (MoveSheet $sheet) use ($kept, $today, &$rows): void {
            $system = $kept->system($sheet->to_system_id);
            $daily = DailyTests::until(LocalDate::fromIso((string) $sheet->test_until));
            $tests = $kept->water->tests($system->key);
            if ($daily->isDueOn($today, $tests)) {
                $rows[$system->key] = new self($sheet->to_system_id, 'test', null, null, $system->name, $kept->says()->phrase(Finding::of('today.daily_test', until: $daily->until)), $daily->isLateOn($today, $tests));
            }
        });

        return array_values($rows);
    }

    /**
     * @param  list<SystemSheet>  $systems
     * @return list<self>
     */
    private static function measurements(FacilitySnapshot $kept, array $systems): array
    {
        $rows = [];
        foreach ($systems as $system) {
            foreach ($system->fish as $fish) {
                $due = LocalDate::fromIso($fish->measure_on);
                if (! $due->isAfter($kept->facility->date)) {
                    $days = $due->daysUntil($kept->facility->date);
                    $isLate = MeasurementDue::isLate($due, $kept->facility->date);
                    $rows[] = new self($system->id, 'measure', $fish->id, null, $fish->name, $isLate ? $kept->says()->phrase(Finding::of('today.days_late', days: $days)) : '', $isLate);
                }
            }
        }

        return $rows;
    }
}
