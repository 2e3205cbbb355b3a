<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Http\Requests\ConditionRequest;
use App\Models\HealthObservation;
use Biomegas\Facility\LoggedDay;
use Biomegas\Finding\Finding;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<HealthObservation> */
final readonly class LookCorrection extends ColumnCorrection
{
    public function __construct(private FacilityReader $reader)
    {
    }

    public function fields(Model $entry): array
    {
        return [
            EntryField::yes('is_eating', Finding::of('log.field_is_eating'), $entry->is_eating),
            EntryField::of('sign', Finding::of('log.field_sign'), FieldType::Text, $entry->sign),
            EntryField::day($entry->date),
            EntryField::time($entry->time),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        return $this->checked($body->as(ConditionRequest::class), $entry->fish_id);
    }

    /** @return array<string, mixed> */
    public function checked(ConditionRequest $request, int $fishId): array
    {
        $kept = $this->reader->read($fishId);
        LoggedDay::check($request->day(), $kept->fish($fishId), $kept->facility->date);

        return ['date' => $request->day()->toIso(), 'time' => $request->input('time'), 'is_eating' => $request->boolean('is_eating'), 'sign' => $request->input('sign')];
    }
}
