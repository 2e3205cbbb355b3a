<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Cost\RunningCost;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What keeping costs in the year to come, as computed, in the facility\'s money.')]
final readonly class YearCost
{
    private function __construct(
        #[OA\Property] public float $food,
        #[OA\Property] public float $water,
        #[OA\Property] public float $power,
    ) {
    }

    public static function from(RunningCost $cost): self
    {
        return new self(round($cost->food, 2), round($cost->water, 2), round($cost->power, 2));
    }
}
