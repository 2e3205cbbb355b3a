<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Http\Rules\Day;
use App\Models\Settlement;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\LoggedDay;
use Illuminate\Database\Eloquent\Model;

/** @extends ColumnCorrection<Settlement> */
final readonly class SettlementCorrection extends ColumnCorrection
{
    public function __construct(private FacilityReader $reader)
    {
    }

    public function fields(Model $entry): array
    {
        return [EntryField::day($entry->date)];
    }

    public function columns(Model $entry, EntryBody $body): array
    {
        $kept = $this->reader->read($entry->fish_id);
        $day = LocalDate::fromIso($body->validated(['date' => ['required', Day::any()]])['date']);
        LoggedDay::check($day, $kept->fish($entry->fish_id), $kept->facility->date);

        return ['date' => $day->toIso()];
    }
}
