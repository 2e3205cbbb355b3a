<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Feeding\CostBook;
use Biomegas\Facility\System;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What the place costs: computed for the year to come, and paid.')]
final readonly class CostSheet
{
    /**
     * @param  list<array{system_id: int, name: string, cost: YearCost}>  $systems
     * @param  list<array{fish_id: int, name: string, cost: YearCost}>  $fish
     * @param  list<PaidYear>  $paid
     */
    private function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(description: 'In walking order.', type: 'array', items: new OA\Items(required: ['system_id', 'name', 'cost'], properties: [new OA\Property(property: 'system_id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'cost', ref: YearCost::class)], type: 'object'))] public array $systems,
        #[OA\Property(type: 'array', items: new OA\Items(required: ['fish_id', 'name', 'cost'], properties: [new OA\Property(property: 'fish_id', type: 'integer'), new OA\Property(property: 'name', type: 'string'), new OA\Property(property: 'cost', ref: YearCost::class)], type: 'object'))] public array $fish,
        #[OA\Property(description: 'The latest year first.', type: 'array', items: new OA\Items(ref: PaidYear::class))] public array $paid,
        #[OA\Property(description: 'What food costs a year by the meals that are written down; null: too few.')] public ?float $food_fed,
        #[OA\Property(description: 'Days of the last year on which meals are written down.')] public int $fed_days,
    ) {
    }

    public static function from(FacilitySnapshot $kept): self
    {
        $book = new CostBook($kept);
        $systems = $fish = $paid = [];
        foreach ($kept->facility->systems as $system) {
            $systems[] = self::ofSystem($system, $book);
            foreach ($book->ofFish($system) as $key => $cost) {
                $fish[] = ['fish_id' => Keys::id($key), 'name' => $kept->facility->fish[$key]->name, 'cost' => YearCost::from($cost)];
            }
        }
        foreach (CostBook::paid() as $year => $sums) {
            $paid[] = PaidYear::from($year, $sums);
        }

        [$fed, $days] = $book->foodFed() ?? [null, 0];

        return new self($kept->facility->date->toIso(), $systems, $fish, $paid, $fed === null ? null : round($fed, 2), $days);
    }

    /** @return array{system_id: int, name: string, cost: YearCost} */
    private static function ofSystem(System $system, CostBook $book): array
    {
        return ['system_id' => Keys::id($system->key), 'name' => $system->name, 'cost' => YearCost::from($book->ofSystem($system))];
    }
}
