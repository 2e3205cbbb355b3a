<?php

declare(strict_types=1);

namespace App\Http\Corrections;

use App\Facility\FacilityReader;
use App\Models\FacilitySettings;
use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** What is written down has happened. */
final readonly class EntryDay
{
    /** @throws InvalidEntry when the day is still to come */
    public static function notToCome(LocalDate $day): void
    {
        if ($day->isAfter(FacilityReader::today(FacilitySettings::query()->firstOrFail()))) {
            throw InvalidEntry::because('date', Finding::of('entry.day_to_come'));
        }
    }
}
