<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Feeding\FoodStore;
use App\Http\Requests\StockEntryRequest;
use App\Models\Food;
use App\Models\StockEntry as WrittenEntry;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Food\FoodUnit;
use Biomegas\Food\StockEntry;
use Biomegas\Food\StockEntryKind;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<WrittenEntry> */
final readonly class StockCorrection extends ColumnCorrection
{
    public function fields(Model $entry): array
    {
        return [
            EntryField::enum('kind', Finding::of('log.field_stock'), $entry->kind, StockEntryKind::cases()),
            EntryField::of('amount', Finding::of('log.field_amount'), FieldType::Decimal, $entry->amount),
            EntryField::of('price', Finding::of('log.field_price'), FieldType::Decimal, $entry->price),
            EntryField::day($entry->date),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        return self::checked($body->as(StockEntryRequest::class), Food::query()->withTrashed()->findOrFail($entry->food_id));
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidEntry
     */
    public static function checked(StockEntryRequest $request, Food $food): array
    {
        EntryDay::notToCome($request->day());
        $unit = $request->input('unit');
        if ($unit !== null && FoodUnit::from($unit) !== $food->unit) {
            throw InvalidEntry::because('unit', FoodStore::otherUnit($food));
        }
        $entry = new StockEntry($request->day(), $request->kind(), $request->kind() === StockEntryKind::Opened || $request->input('amount') === null ? null : $request->float('amount'));

        return ['date' => $entry->date->toIso(), 'kind' => $entry->kind, 'amount' => $entry->amount, 'price' => $request->input('price') === null ? null : $request->float('price')];
    }
}
