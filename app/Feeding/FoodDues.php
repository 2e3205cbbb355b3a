<?php

declare(strict_types=1);

namespace App\Feeding;

use App\Facility\FacilitySnapshot;
use Biomegas\Finding\Finding;

/** What the store and the cultures ask for today. */
final readonly class FoodDues
{
    /** @return list<array{Finding, bool}> what, and whether it is late; what is late first */
    public static function of(FacilitySnapshot $kept): array
    {
        $today = $kept->facility->date;
        $book = new FoodBook($kept);
        $due = [];
        foreach ($book->stocks() as $stock) {
            $doubt = $stock->doubt($today);
            if ($doubt !== null) {
                $due[] = [$doubt, false];
            }
        }
        foreach ($book->shoppingList() as $purchase) {
            if ($purchase->isDueOn($today)) {
                $due[] = [$purchase->finding($today), $purchase->isLateOn($today)];
            }
        }
        foreach ((new CultureBook($kept, $book))->all() as [$culture, $outlook]) {
            if ($outlook->isDueOn($today)) {
                $due[] = [Finding::of('food.of_culture', culture: $culture->name, says: $outlook->finding($today)), $outlook->fit->isGone];
            }
        }
        usort($due, fn (array $a, array $b): int => $b[1] <=> $a[1]);

        return $due;
    }
}
