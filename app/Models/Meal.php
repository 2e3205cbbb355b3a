<?php

declare(strict_types=1);

namespace App\Models;

use App\Feeding\FedWeeks;
use Biomegas\Food\MealOutcome;

/**
 * What was given once, of one food. What is written in one go hangs on its first.
 *
 * @property int|null $fish_id
 * @property int|null $food_id
 * @property string|null $time
 * @property MealOutcome $outcome
 * @property float $amount
 * @property float $eaten_share
 * @property float $dry_grams
 * @property float $protein
 * @property float|null $cost
 * @property float $ration_grams
 * @property int|null $first_id
 * @property int|null $round_tick_id
 */
final class Meal extends SystemEntry
{
    protected $casts = [
        'outcome' => MealOutcome::class, 'amount' => 'float', 'eaten_share' => 'float', 'dry_grams' => 'float', 'protein' => 'float', 'cost' => 'float', 'ration_grams' => 'float',
    ];

    protected static function booted(): void
    {
        // Also of the day on which it stood before.
        $sumUp = fn (self $meal) => FedWeeks::sumUp($meal->system_id, $meal->fish_id, $meal->date, (string) $meal->getOriginal('date'));
        self::saved($sumUp);
        self::deleted($sumUp);
        self::restored($sumUp);
    }
}
