<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Planning\Plan\CostMonth;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What one month of a plan costs, in the facility\'s money.')]
final readonly class CostMonthRow
{
    public function __construct(
        #[OA\Property(format: 'date', description: 'Its first day that is looked at.')] public string $from,
        #[OA\Property] public int $days,
        #[OA\Property] public float $food,
        #[OA\Property] public float $water,
        #[OA\Property] public float $power,
        #[OA\Property(description: 'Of food, water and power.')] public float $running,
        #[OA\Property(description: 'Of homes that must be begun in it.')] public float $openings,
    ) {
    }

    public static function from(CostMonth $month): self
    {
        return new self($month->from->toIso(), $month->days, round($month->running->food, 2), round($month->running->water, 2), round($month->running->power, 2), round($month->running->whole(), 2), round($month->openings, 2));
    }
}
