<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Http\Rules\Day;
use App\Models\Picture;
use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<Picture> */
final readonly class PictureCorrection extends ColumnCorrection
{
    public function fields(Model $entry): array
    {
        return [
            EntryField::of('note', Finding::of('log.field_note'), FieldType::Text, $entry->note),
            EntryField::day($entry->date),
            EntryField::time($entry->time),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        $typed = $body->validated(['note' => ['nullable', 'string', 'max:300'], 'date' => ['required', Day::any()], 'time' => ['nullable', 'date_format:H:i']]);
        EntryDay::notToCome(LocalDate::fromIso($typed['date']));

        return ['note' => $typed['note'] ?? null, 'date' => $typed['date'], 'time' => $typed['time'] ?? null];
    }
}
