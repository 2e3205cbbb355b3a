<?php

declare(strict_types=1);

namespace App\Log\Tellers;

use App\Feeding\FoodStore;
use App\Log\Names;
use App\Models\CultureEntry;
use App\Models\Food;
use App\Models\Meal;
use App\Models\Spending;
use App\Models\StockEntry;
use Biomegas\Culture\CultureEventKind;
use Biomegas\Finding\Finding;
use Biomegas\Food\Amount;
use Biomegas\Food\MealOutcome;
use Biomegas\Food\StockEntryKind;
use Biomegas\Measure\Mass;
use Biomegas\Measure\Number;
use Illuminate\Database\Eloquent\Model;
use LogicException;

/** What was fed, bought, bred and paid. */
final readonly class FoodTeller
{
    public function __construct(private Names $names)
    {
    }

    public function tell(Model $entry): Finding
    {
        return match (true) {
            $entry instanceof Meal => $this->meal($entry),
            $entry instanceof StockEntry => $this->stock($entry),
            $entry instanceof CultureEntry => $this->culture($entry),
            $entry instanceof Spending => Finding::of('log.spent', amount: Number::of($entry->amount), what: $entry->what, kind: $entry->kind),
            default => throw new LogicException('No food.'),
        };
    }

    private function meal(Meal $meal): Finding
    {
        $who = $meal->fish_id === null ? $this->names->system($meal->system_id) : $this->names->fish($meal->fish_id);
        if ($meal->dry_grams <= 0.0 && $meal->outcome === MealOutcome::Refused) {
            return Finding::of('log.meal_refused', who: $who);
        }
        $what = match (true) {
            $meal->food_id !== null => $this->amount($meal->food_id, $meal->amount),
            $meal->dry_grams > 0.0 => Finding::of('food.dry', amount: Mass::ofGrams($meal->dry_grams)),
            default => Finding::of('food.nothing'),
        };

        return match ($meal->outcome) {
            MealOutcome::Eaten => Finding::of('log.meal', who: $who, what: $what),
            MealOutcome::Some => Finding::of('log.meal_left', who: $who, what: $what),
            MealOutcome::Refused => Finding::of('log.meal_left_all', who: $who, what: $what),
        };
    }

    private function stock(StockEntry $entry): Finding
    {
        $what = $this->amount($entry->food_id, (float) $entry->amount);

        return match ($entry->kind) {
            StockEntryKind::Bought => Finding::of('log.stock_bought', what: $what),
            StockEntryKind::Counted => Finding::of('log.stock_counted', what: $what),
            StockEntryKind::Opened => Finding::of('log.stock_opened', food: $this->names->food($entry->food_id)),
            StockEntryKind::Discarded => Finding::of('log.stock_discarded', what: $what),
        };
    }

    private function culture(CultureEntry $entry): Finding
    {
        [$name, $n] = [$this->names->culture($entry->culture_id), Number::of($entry->number)];

        return match ($entry->kind) {
            CultureEventKind::Counted => Finding::of('log.culture_counted', culture: $name, n: $n),
            CultureEventKind::Harvested => Finding::of('log.culture_harvested', culture: $name, n: $n),
            CultureEventKind::Added => Finding::of('log.culture_added', culture: $name, n: $n),
        };
    }

    private function amount(int $foodId, float $amount): Finding
    {
        return (new Amount(FoodStore::food(Food::query()->withTrashed()->findOrFail($foodId)), $amount))->finding();
    }
}
