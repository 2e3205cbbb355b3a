<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\FacilitySettings;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Calendar\SaidMoment;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Carbon;

/**
 * An entry whose field "at" may name the moment: one that was kept on a phone without a network comes later. In UTC, for the phone may be in another time zone than the fish.
 *
 * @phpstan-require-extends FormRequest
 */
trait AtAMoment
{
    private const MOMENT = ['nullable', 'date_format:Y-m-d\TH:i\Z'];

    /** @throws InvalidEntry when it is to come, long ago, or before what it is about */
    public function moment(LocalMoment $now, ?LocalMoment $since = null): LocalMoment
    {
        $said = $this->input('at');

        return SaidMoment::of(is_string($said) ? self::inFacility($said) : null, $now, $since);
    }

    private static function inFacility(string $utc): LocalMoment
    {
        return LocalMoment::fromIso(Carbon::parse($utc)->setTimezone(FacilitySettings::query()->firstOrFail()->time_zone)->format('Y-m-d\TH:i'));
    }
}
