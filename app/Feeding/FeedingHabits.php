<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Facility\Keys;
use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\FedSpan;
use Biomegas\Facility\FeedingHabit;
use Biomegas\Facility\Stay;
use Biomegas\Food\FedWeek;
use Biomegas\Food\FeedingRecord;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What was fed, not what was planned, drives load, nitrate and growth; where nobody wrote it down, the plan does. */
final class FeedingHabits
{
    /** @var array<int, array<int, list<FedWeek>>> by system and fish; 0: all who are not fed by themselves */
    private array $weeks = [];

    /** @var array<array-key, list<FedSpan>> by system, and by fish where it was fed by itself */
    private array $spans = [];

    public function __construct(private readonly FeedingPlans $plans, private readonly UnreadableRows $unreadable, private readonly LocalDate $today)
    {
    }

    /**
     * Of one system at a time: its page wants no other's, and when all are wanted there are few enough questions.
     *
     * @return array<int, list<FedWeek>> by fish
     */
    private function weeksIn(int $systemId): array
    {
        return $this->weeks[$systemId] ??= $this->readWeeks($systemId);
    }

    /** @return array<int, list<FedWeek>> */
    private function readWeeks(int $systemId): array
    {
        $weeks = [];
        $rows = DB::table('fed_weeks')->where('system_id', $systemId)->orderBy('monday')->get();
        $this->unreadable->readAll(StoredTable::FedWeeks, $rows, function (stdClass $row) use (&$weeks): void {
            $weeks[$row->fish_id ?? 0][] = FedWeeks::ofRow($row);
        });

        return $weeks;
    }

    public function ofSystem(int $id): ?FeedingHabit
    {
        return $this->record($id)->habit($this->today) ?? $this->plans->ofSystem($id)?->habit();
    }

    /** Of all who live there together. */
    public function record(int $systemId): FeedingRecord
    {
        $here = $this->weeksIn($systemId);

        return FeedingRecord::together($here[0] ?? [], array_merge(...array_values(array_diff_key($here, [0 => true]))), $this->today);
    }

    /**
     * By itself where it was fed so, else with the others.
     *
     * @return list<FedSpan>
     */
    private function eatenIn(int $systemId, int $fishId): array
    {
        $weeks = $this->weeksIn($systemId);
        $own = isset($weeks[$fishId]) ? FeedingRecord::of($weeks[$fishId], $this->today) : null;

        return $own === null || $own->weeks === []
            ? $this->spans["{$systemId}"] ??= FeedingRecord::of($weeks[0] ?? [], $this->today)->eaten()
            : $this->spans["{$systemId}/{$fishId}"] ??= $own->eaten();
    }

    /**
     * What a fish ate, in each of its homes.
     *
     * @param  list<Stay>  $stays
     * @return list<FedSpan> by date
     */
    public function eaten(int $fishId, array $stays): array
    {
        $spans = [];
        foreach ($stays as $stay) {
            foreach ($this->eatenIn(Keys::id($stay->system), $fishId) as $span) {
                $from = LocalDate::later($span->from, $stay->from);
                $until = $stay->until !== null && $stay->until->isBefore($span->until) ? $stay->until : $span->until;
                if ($from->isBefore($until)) {
                    $spans[] = new FedSpan($from, $until, $span->eaten);
                }
            }
        }

        return $spans;
    }
}
