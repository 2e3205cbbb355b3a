<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Planning\WeighUp\Upkeep;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What grown ones take and leave, and what the whole life costs in the facility\'s money.')]
final readonly class LifeUpkeep
{
    public function __construct(
        #[OA\Property] public float $adult_mass_g,
        #[OA\Property] public float $feed_g_per_day,
        #[OA\Property(description: 'Share of the water of its last home each week, for it alone, by the book.')] public float $weekly_change,
        #[OA\Property(description: 'Years that its life is counted for.')] public float $years,
        #[OA\Property] public float $food_cost,
        #[OA\Property(description: 'Its part of the water and power of its last home; null: that is not there yet.')] public ?float $keep_cost,
        #[OA\Property] public float $home_cost,
        #[OA\Property] public ?float $price,
        #[OA\Property] public float $whole_cost,
        #[OA\Property(description: 'A short life of a small one.')] public float $whole_low,
        #[OA\Property(description: 'A long life of a large one.')] public float $whole_high,
    ) {
    }

    public static function from(Upkeep $upkeep): self
    {
        return new self(
            round($upkeep->adultMass, 1), round($upkeep->feedPerDay, 2), round($upkeep->weeklyChange, 3),
            round($upkeep->years, 1), round($upkeep->foodCost), $upkeep->keepCost === null ? null : round($upkeep->keepCost), round($upkeep->homeCost), $upkeep->price, round($upkeep->whole()),
            round($upkeep->wholeBetween()[0]), round($upkeep->wholeBetween()[1]),
        );
    }
}
