<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Biomegas\Calendar\LocalMoment;
use Biomegas\Calendar\SaidMoment;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Foundation\Http\FormRequest;

/**
 * An entry whose field "at" may name the moment, on the clock of the facility: one that was kept on a phone without a network comes later.
 *
 * @phpstan-require-extends FormRequest
 */
trait AtAMoment
{
    private const MOMENT = ['nullable', 'date_format:Y-m-d\TH:i'];

    /** @throws InvalidEntry when it is to come, long ago, or before what it is about */
    public function moment(LocalMoment $now, ?LocalMoment $since = null): LocalMoment
    {
        $said = $this->input('at');

        return SaidMoment::of(is_string($said) ? LocalMoment::fromIso($said) : null, $now, $since);
    }
}
