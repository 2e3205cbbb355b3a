<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Http\Requests\QuarantineRequest;
use App\Http\Rules\Day;
use App\Models\Quarantine;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\LoggedDay;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<Quarantine> */
final readonly class QuarantineCorrection extends ColumnCorrection
{
    public function __construct(private FacilityReader $reader)
    {
    }

    public function fields(Model $entry): array
    {
        return [
            EntryField::day($entry->from),
            EntryField::of('days', Finding::of('log.field_days'), FieldType::Whole, $entry->days),
            EntryField::of('credit', Finding::of('log.field_credit'), FieldType::Whole, $entry->credit),
            EntryField::of('released_on', Finding::of('log.field_released'), FieldType::Day, $entry->released_on),
        ];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        $request = $body->as(QuarantineRequest::class);
        $kept = $this->reader->read($entry->fish_id);
        $fish = $kept->fish($entry->fish_id);
        LoggedDay::check($request->day(), $fish, $kept->facility->date);
        $typed = $body->validated(['released_on' => ['nullable', Day::onOrAfter('date')]])['released_on'] ?? null;
        if ($typed !== null) {
            LoggedDay::check(LocalDate::fromIso($typed), $fish, $kept->facility->date);
        }
        if ($typed === null && Quarantine::query()->where('fish_id', $entry->fish_id)->whereNull('released_on')->exists()) {
            throw InvalidEntry::because('fish', Finding::of('entry.in_quarantine', fish: $fish->name));
        }

        return ['from' => $request->day()->toIso(), 'days' => $request->integer('days', $entry->days), 'credit' => $request->integer('credit'), 'released_on' => $typed, 'ended_by_move_id' => $typed === $entry->released_on ? $entry->ended_by_move_id : null];
    }
}
