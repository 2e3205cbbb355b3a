<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\MoveSheet;
use App\Models\MoveSheetFish;
use App\Models\Plan;
use App\Models\PlanMove;
use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Planning\HomesAhead\PlannedMove;
use Biomegas\Planning\Supposing\Parted;
use Illuminate\Support\Collection;

/** Moves that are written down and not made: those of open sheets, the way back from stays that are meant to end, and what an adopted plan has decided for fish without a sheet. */
final readonly class PlannedMoves
{
    private const MOST = 300;

    /** @return list<PlannedMove> */
    public static function of(Facility $facility, UnreadableRows $unreadable): array
    {
        $sheets = self::ofSheets($facility, $unreadable);
        $withSheet = array_map(fn (PlannedMove $move): string => $move->fish, $sheets);

        return [...$sheets, ...array_values(array_filter(self::ofAdoptedPlan($facility, $unreadable), fn (PlannedMove $move): bool => ! in_array($move->fish, $withSheet, true)))];
    }

    /** @return list<PlannedMove> into homes that are there, of fish that are where the plan has them */
    private static function ofAdoptedPlan(Facility $facility, UnreadableRows $unreadable): array
    {
        $where = array_map(fn (Fish $fish): string => $fish->currentSystem(), $facility->fish);
        $adopted = Plan::adopted();
        $parts = array_column(array_filter($adopted->supposed ?? [], fn (array $supposed): bool => $supposed['kind'] === SupposedKind::Parted->value), 'value', 'fish_id');

        return array_values(array_filter($unreadable->readAll(StoredTable::PlanMoves, $adopted->moves ?? new Collection, function (PlanMove $row) use ($facility, $parts, &$where): ?PlannedMove {
            $move = new PlannedMove(Keys::ofFish((int) $row->fish_id), Keys::ofSystem($row->from_system_id ?? 0), Keys::ofSystem($row->to_system_id ?? 0), LocalDate::fromIso($row->on), $row->is_of_part ? (int) ($parts[$row->fish_id] ?? 0) : null);
            $who = $row->is_of_part ? Parted::partOf($move->fish) : $move->fish;
            if (($where[$who] ?? $where[$move->fish] ?? null) !== $move->from || ! isset($facility->systems[$move->from], $facility->systems[$move->to])) {
                return null;
            }
            $where[$who] = $move->to;

            return $move;
        })));
    }

    /** @return list<PlannedMove> */
    public static function ofSheets(Facility $facility, UnreadableRows $unreadable): array
    {
        return array_values(array_filter(
            array_merge(...$unreadable->readAll(StoredTable::MoveSheets, self::sheets(), self::ofSheet(...))),
            fn (PlannedMove $move): bool => isset($facility->fish[$move->fish], $facility->systems[$move->from], $facility->systems[$move->to]),
        ));
    }

    /** @return Collection<int, MoveSheet> */
    private static function sheets(): Collection
    {
        return MoveSheet::query()->with('fish')->whereNull('cancelled_at')
            ->where(fn ($either) => $either->whereNull('finished_at')->orWhere(fn ($stay) => MovesUnderWay::endingStays($stay)))
            ->orderBy('planned_on')->limit(self::MOST)->get();
    }

    /** @return list<PlannedMove> */
    private static function ofSheet(MoveSheet $sheet): array
    {
        return array_merge(...$sheet->fish->map(fn (MoveSheetFish $mover): array => self::ofMover($sheet, $mover))->all());
    }

    /** @return list<PlannedMove> */
    private static function ofMover(MoveSheet $sheet, MoveSheetFish $mover): array
    {
        [$fish, $from, $to] = [Keys::ofFish($mover->fish_id), Keys::ofSystem($sheet->from_system_id), Keys::ofSystem($sheet->to_system_id)];
        $there = $sheet->finished_at === null ? [new PlannedMove($fish, $from, $to, LocalDate::fromIso($sheet->planned_on), $mover->count)] : [];
        $back = $sheet->until === null ? [] : [new PlannedMove($fish, $to, $from, LocalDate::fromIso($sheet->until), $sheet->finished_at === null ? $mover->count : null, true)];

        return [...$there, ...$back];
    }
}
