<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Models\Culture;
use App\Models\FeedingPlan;
use App\Models\Fish;
use App\Models\Food;
use App\Models\Meal;
use App\Models\StockEntry;
use App\Models\System;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** A food is kept no more; what was fed of it stays. */
final readonly class FoodRemoval
{
    /** @throws InvalidEntry when a plan or a culture holds it */
    public static function remove(Food $food): void
    {
        foreach (FeedingPlan::query()->get() as $plan) {
            if (in_array($food->id, array_column($plan->parts, 'food_id'), true)) {
                $where = $plan->system_id === null ? Fish::query()->findOrFail((int) $plan->fish_id)->name : System::query()->findOrFail($plan->system_id)->name;
                throw InvalidEntry::because('food', Finding::of('food.still_planned', food: $food->name, where: $where));
            }
        }
        $culture = Culture::query()->where('food_id', $food->id)->whereNull('ended_on')->first();
        if ($culture !== null) {
            throw InvalidEntry::because('food', Finding::of('food.still_bred', food: $food->name, culture: $culture->name));
        }
        $food->delete();
    }

    /** Amounts of it stand somewhere, in its unit. */
    public static function isWrittenDown(Food $food): bool
    {
        return StockEntry::query()->where('food_id', $food->id)->exists() || Meal::query()->where('food_id', $food->id)->exists() || Culture::query()->where('food_id', $food->id)->exists();
    }
}
