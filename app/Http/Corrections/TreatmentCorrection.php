<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Http\Requests\TreatmentRequest;
use App\Models\Treatment;
use Biomegas\Finding\Finding;
use Biomegas\Moving\Quarantine\ProductClass;
use Biomegas\Moving\Quarantine\TreatmentCourse;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<Treatment> */
final readonly class TreatmentCorrection extends ColumnCorrection
{
    public function __construct(private FacilityReader $reader)
    {
    }

    public function fields(Model $entry): array
    {
        return [
            EntryField::enum('product_class', Finding::of('log.field_product'), $entry->product_class, ProductClass::cases()),
            EntryField::of('dose', Finding::of('log.field_dose'), FieldType::Text, $entry->dose),
            EntryField::day($entry->from),
            EntryField::of('until', Finding::of('log.field_until'), FieldType::Day, $entry->until),
            EntryField::of('withdrawal', Finding::of('log.field_withdrawal'), FieldType::Day, $entry->withdrawal),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        return $this->checked($body->as(TreatmentRequest::class), $entry->fish_id);
    }

    /** @return array<string, mixed> */
    public function checked(TreatmentRequest $request, int $fishId): array
    {
        $kept = $this->reader->read($fishId);
        TreatmentCourse::check($kept->fish($fishId), $request->day(), $request->until(), $request->withdrawal(), $kept->facility->date);

        return ['product_class' => $request->input('product_class'), 'dose' => $request->input('dose'), 'from' => $request->day()->toIso(), 'until' => $request->input('until'), 'withdrawal' => $request->input('withdrawal')];
    }
}
