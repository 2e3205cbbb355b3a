<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Models\WatchCheck;
use Biomegas\Finding\Finding;
use Biomegas\Moving\Watch\CheckItem;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Validation\Rule;

/** @extends ColumnCorrection<WatchCheck> */
final readonly class CheckCorrection extends ColumnCorrection
{
    public function fields(Model $entry): array
    {
        return [
            EntryField::choices('troubles', Finding::of('log.field_troubles'), $entry->troubles, CheckItem::cases()),
            EntryField::yes('has_eaten', Finding::of('log.field_is_eating'), $entry->has_eaten),
            EntryField::of('note', Finding::of('log.field_note'), FieldType::Text, $entry->note),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        $seen = $body->validated(['troubles' => ['present', 'array', 'list', 'max:20'], 'troubles.*' => [Rule::enum(CheckItem::class)], 'has_eaten' => ['required', 'boolean:strict'], 'note' => ['nullable', 'string', 'max:500']]);

        return ['troubles' => $seen['troubles'], 'has_eaten' => $seen['has_eaten'], 'note' => $seen['note'] ?? null];
    }
}
