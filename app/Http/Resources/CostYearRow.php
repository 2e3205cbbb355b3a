<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Planning\Plan\CostYear;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What a plan costs in one year, in the facility\'s money.')]
final readonly class CostYearRow
{
    public function __construct(
        #[OA\Property] public int $year,
        #[OA\Property] public float $food,
        #[OA\Property] public float $water,
        #[OA\Property] public float $power,
        #[OA\Property(description: 'Of homes that must be begun in it.')] public float $openings,
        #[OA\Property] public float $whole,
    ) {
    }

    public static function from(CostYear $year): self
    {
        return new self($year->year, round($year->running->food, 2), round($year->running->water, 2), round($year->running->power, 2), round($year->openings, 2), round($year->whole(), 2));
    }
}
