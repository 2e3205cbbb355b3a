<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Facility\Keys;
use App\Models\Meal;
use Biomegas\Calendar\LocalDate;
use Biomegas\Food\Amount;
use Biomegas\Food\FeedingTable;
use Biomegas\Food\Food;
use Biomegas\Food\MealOutcome;
use Biomegas\Water\Feeding;

/** Writes down what was fed. */
final readonly class MealLog
{
    /**
     * @param  list<Amount>|null  $given  null: as the table says for one go
     * @param  float|null  $eaten  share of what was given; null: as is usual with this outcome
     * @return Meal the first, on which the others hang
     */
    public static function write(FeedingTable $table, LocalDate $date, ?string $time, MealOutcome $outcome, ?array $given, ?float $eaten, ?int $userId): Meal
    {
        $all = [
            'system_id' => Keys::id($table->system->key), 'fish_id' => $table->isAlone ? Keys::id($table->fish[0]->key) : null, 'date' => $date->toIso(), 'time' => $time,
            'outcome' => $outcome, 'eaten_share' => $eaten ?? $outcome->usualShare(), 'ration_grams' => $table->ration, 'user_id' => $userId,
        ];
        $first = null;
        $given ??= $table->isSharing() ? [] : null;
        $amounts = $given ?? ($table->plan === null ? [] : $table->amounts($date));
        foreach ($amounts === [] ? [null] : $amounts as $amount) {
            $meal = Meal::query()->create([...$all, ...($amount === null ? self::nameless($table, $given === null) : self::columns($amount->food, $amount->amount)), 'first_id' => $first?->id]);
            $first ??= $meal;
        }

        return $first;
    }

    /** @return array{food_id: int, amount: float, dry_grams: float, protein: float, cost: float|null} as the food is now */
    public static function columns(Food $food, float $amount): array
    {
        $each = $food->unitPrice();

        return ['food_id' => FoodStore::id($food), 'amount' => $amount, 'dry_grams' => $food->asDryFood($amount), 'protein' => $food->proteinOfDryFood(), 'cost' => $each === null ? null : $amount * $each];
    }

    /** @return array{food_id: null, amount: float, dry_grams: float, protein: float, cost: float|null} dry food of no name as the book says, or nothing */
    private static function nameless(FeedingTable $table, bool $isFed): array
    {
        $grams = $isFed && $table->plan === null ? $table->ration : 0.0;

        return ['food_id' => null, 'amount' => $grams, 'dry_grams' => $grams, 'protein' => Feeding::PROTEIN, 'cost' => $grams > 0.0 ? null : 0.0];
    }
}
