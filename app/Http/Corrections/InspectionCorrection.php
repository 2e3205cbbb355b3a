<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Http\Requests\InspectionRequest;
use App\Models\Inspection;
use Biomegas\Facility\LoggedDay;
use Biomegas\Finding\Finding;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<Inspection> */
final readonly class InspectionCorrection extends ColumnCorrection
{
    public function __construct(private FacilityReader $reader)
    {
    }

    public function fields(Model $entry): array
    {
        return [
            EntryField::lines('what', Finding::of('log.field_what'), $entry->what),
            EntryField::of('note', Finding::of('log.field_note'), FieldType::Text, $entry->note),
            EntryField::day($entry->date),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        return $this->checked($body->as(InspectionRequest::class), $entry->fish_id);
    }

    /** @return array<string, mixed> */
    public function checked(InspectionRequest $request, int $fishId): array
    {
        $kept = $this->reader->read($fishId);
        LoggedDay::check($request->day(), $kept->fish($fishId), $kept->facility->date);

        return ['date' => $request->day()->toIso(), 'what' => $request->what(), 'note' => $request->input('note')];
    }
}
