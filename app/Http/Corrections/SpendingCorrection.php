<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Http\Requests\SpendingRequest;
use App\Models\Spending;
use Biomegas\Cost\SpendingKind;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<Spending> */
final readonly class SpendingCorrection extends ColumnCorrection
{
    public function fields(Model $entry): array
    {
        return [
            EntryField::enum('kind', Finding::of('log.field_spending'), $entry->kind, SpendingKind::cases()),
            EntryField::of('what', Finding::of('log.field_what'), FieldType::Text, $entry->what),
            EntryField::of('amount', Finding::of('log.field_price'), FieldType::Decimal, $entry->amount),
            EntryField::day($entry->date),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        return self::checked($body->with(['system_id' => $entry->system_id, 'fish_id' => $entry->fish_id])->as(SpendingRequest::class));
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidEntry
     */
    public static function checked(SpendingRequest $request): array
    {
        EntryDay::notToCome($request->day());

        return [
            'date' => $request->day()->toIso(), 'kind' => SpendingKind::from($request->string('kind')->value()), 'amount' => $request->float('amount'), 'what' => $request->input('what'),
            'system_id' => $request->input('system_id'), 'fish_id' => $request->input('fish_id'),
        ];
    }
}
