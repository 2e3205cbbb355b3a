<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Feeding\CostBook;
use App\Feeding\FeedingTables;
use App\Feeding\FoodBook;
use Biomegas\Facility\System;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What a system is fed, how that went, and what it costs.')]
final readonly class HomeFeeding
{
    /**
     * @param  list<FeedingRow>  $tables
     * @param  list<string>  $findings
     * @param  list<FedWeekPoint>  $weeks
     * @param  list<array{fish_id: int, cost: YearCost, paid: float}>  $of_fish
     */
    private function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FeedingRow::class))] public array $tables,
        #[OA\Property(description: 'Too much, too little, and who goes short.', type: 'array', items: new OA\Items(type: 'string'))] public array $findings,
        #[OA\Property(description: 'Weeks of which most days are written down, the oldest first.', type: 'array', items: new OA\Items(ref: FedWeekPoint::class))] public array $weeks,
        #[OA\Property(ref: YearCost::class)] public YearCost $year,
        #[OA\Property(type: 'array', items: new OA\Items(required: ['fish_id', 'cost', 'paid'], properties: [new OA\Property(property: 'fish_id', type: 'integer'), new OA\Property(property: 'cost', ref: YearCost::class), new OA\Property(property: 'paid', description: 'Written down as paid for it alone.', type: 'number')], type: 'object'))] public array $of_fish,
        #[OA\Property(description: 'Written down as paid for it, all years together.')] public float $paid,
    ) {
    }

    public static function from(System $system, FacilitySnapshot $kept): self
    {
        $tables = (new FeedingTables($kept))->of($system);
        $costs = new CostBook($kept);
        $ofFish = [];
        foreach ($costs->ofFish($system) as $fish => $cost) {
            $ofFish[] = ['fish_id' => Keys::id($fish), 'cost' => YearCost::from($cost), 'paid' => CostBook::paidFor(null, Keys::id($fish))];
        }

        return new self(
            $kept->facility->date->toIso(),
            FeedingRow::of($tables, $kept),
            array_map($kept->says()->say(...), (new FoodBook($kept))->findings($system)),
            array_map(FedWeekPoint::from(...), $kept->habits->record(Keys::id($system->key))->weeks),
            YearCost::from($costs->ofSystem($system)), $ofFish, CostBook::paidFor(Keys::id($system->key), null),
        );
    }
}
