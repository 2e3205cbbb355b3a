<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Http\Rules\Day;
use App\Models\RationChange;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\LoggedDay;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Rulebook\Ration;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Validation\Rule;

/** @extends ColumnCorrection<RationChange> */
final readonly class FeedingCorrection extends ColumnCorrection
{
    public function __construct(private FacilityReader $reader)
    {
    }

    public function fields(Model $entry): array
    {
        return [EntryField::enum('ration', Finding::of('log.field_ration'), $entry->ration, Ration::cases()), EntryField::day($entry->from)];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        $typed = $body->validated(['ration' => ['required', Rule::enum(Ration::class)], 'date' => ['required', Day::any()]]);
        $kept = $this->reader->read($entry->fish_id);
        $fish = $kept->fish($entry->fish_id);
        $day = LocalDate::fromIso($typed['date']);
        LoggedDay::check($day, $fish, $kept->facility->date);
        if (RationChange::query()->where(['fish_id' => $entry->fish_id, 'from' => $day->toIso()])->exists()) {
            throw InvalidEntry::because('date', Finding::of('log.fed_otherwise_that_day', fish: $fish->name));
        }

        return ['ration' => $typed['ration'], 'from' => $day->toIso()];
    }
}
