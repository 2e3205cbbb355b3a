<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Http\Requests\CultureEntryRequest;
use App\Models\Culture;
use App\Models\CultureEntry;
use Biomegas\Calendar\LocalDate;
use Biomegas\Culture\CultureEventKind;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<CultureEntry> */
final readonly class CultureCorrection extends ColumnCorrection
{
    public function fields(Model $entry): array
    {
        return [
            EntryField::enum('kind', Finding::of('log.field_culture'), $entry->kind, CultureEventKind::cases()),
            EntryField::of('number', Finding::of('log.field_number'), FieldType::Decimal, $entry->number),
            EntryField::day($entry->date),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        return self::checked($body->as(CultureEntryRequest::class), Culture::query()->withTrashed()->findOrFail($entry->culture_id));
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidEntry
     */
    public static function checked(CultureEntryRequest $request, Culture $culture): array
    {
        EntryDay::notToCome($request->day());
        if ($request->day()->toIso() < $culture->started_on) {
            throw InvalidEntry::because('date', Finding::of('culture.before_it_began', began: LocalDate::fromIso($culture->started_on)));
        }

        return ['date' => $request->day()->toIso(), 'kind' => CultureEventKind::from($request->string('kind')->value()), 'number' => $request->float('number')];
    }
}
