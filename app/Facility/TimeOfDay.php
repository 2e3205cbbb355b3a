<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\FacilitySettings;
use Biomegas\Calendar\LocalMoment;

/** What the clock of the facility shows; and whether an answer rests on it, which then holds for this minute alone. */
final class TimeOfDay
{
    private bool $wasAsked = false;

    public function now(): LocalMoment
    {
        $this->wasAsked = true;

        return $this->unasked();
    }

    /** For those who look after what answers rest on. */
    public function unasked(): LocalMoment
    {
        return LocalMoment::fromIso(now(FacilitySettings::query()->firstOrFail()->time_zone)->format('Y-m-d\TH:i'));
    }

    public function wasAsked(): bool
    {
        return $this->wasAsked;
    }
}
