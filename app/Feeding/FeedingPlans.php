<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Models\FeedingPlan as WrittenPlan;
use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use Biomegas\Calendar\LocalDate;
use Biomegas\Food\FeedingPlan;
use Biomegas\Food\PlanPart;
use UnexpectedValueException;

/** What systems, and fish by themselves, are to be fed. */
final class FeedingPlans
{
    /** @var array{array<int, FeedingPlan>, array<int, FeedingPlan>}|null of systems and of fish, by id */
    private ?array $plans = null;

    public function __construct(private readonly FoodStore $foods, private readonly UnreadableRows $unreadable)
    {
    }

    public function ofSystem(int $id): ?FeedingPlan
    {
        return ($this->plans ??= $this->read())[0][$id] ?? null;
    }

    public function ofFish(int $id): ?FeedingPlan
    {
        return ($this->plans ??= $this->read())[1][$id] ?? null;
    }

    public static function storedFor(int $systemId, ?int $fishId): ?WrittenPlan
    {
        return WrittenPlan::query()->where($fishId === null ? ['system_id' => $systemId] : ['fish_id' => $fishId])->first();
    }

    /** @return array{array<int, FeedingPlan>, array<int, FeedingPlan>} */
    private function read(): array
    {
        $plans = [[], []];
        $this->unreadable->readAll(StoredTable::FeedingPlans, WrittenPlan::query()->get(), function (WrittenPlan $row) use (&$plans): void {
            $plans[$row->system_id === null ? 1 : 0][$row->system_id ?? (int) $row->fish_id] = new FeedingPlan(
                array_map(fn (array $part): PlanPart => new PlanPart($this->foods->find($part['food_id']) ?? throw new UnexpectedValueException('A food of the plan cannot be read.'), (float) $part['share']), $row->parts),
                $row->of_ration, $row->times, $row->fasting, $row->medicine, $row->medicine_until === null ? null : LocalDate::fromIso($row->medicine_until),
            );
        });

        return $plans;
    }
}
