<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Http\Requests\MealRequest;
use App\Models\Meal;
use Biomegas\Finding\Finding;
use Biomegas\Food\MealOutcome;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<Meal> */
final readonly class MealCorrection extends ColumnCorrection
{
    public function fields(Model $entry): array
    {
        return [
            EntryField::enum('outcome', Finding::of('log.field_outcome'), $entry->outcome, MealOutcome::cases()),
            EntryField::of('eaten_percent', Finding::of('log.field_eaten'), FieldType::Decimal, round(100 * $entry->eaten_share, 1)),
            ...($entry->food_id === null ? [] : [EntryField::of('amount', Finding::of('log.field_amount'), FieldType::Decimal, round($entry->amount, 2))]),
            EntryField::day($entry->date),
            EntryField::time($entry->time),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        $request = $body->as(MealRequest::class);
        EntryDay::notToCome($request->day());

        return [
            'date' => $request->day()->toIso(), 'time' => $request->input('time'), 'outcome' => $request->outcome(), 'eaten_share' => $request->eaten() ?? $request->outcome()->usualShare(),
            ...($entry->food_id === null ? [] : self::given($entry, (float) $body->validated(['amount' => ['required', 'numeric:strict', 'gt:0', 'max:1000000']])['amount'])),
        ];
    }

    /**
     * By what its food was when it was fed: what it costs and holds now says nothing of that day.
     *
     * @return array{amount: float, dry_grams: float, cost: float|null}
     */
    private static function given(Meal $entry, float $amount): array
    {
        $times = $amount / $entry->amount;

        return ['amount' => $amount, 'dry_grams' => $times * $entry->dry_grams, 'cost' => $entry->cost === null ? null : $times * $entry->cost];
    }
}
