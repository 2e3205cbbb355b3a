<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Biomegas\Calendar\LocalDate;
use Illuminate\Foundation\Http\FormRequest;

/**
 * An entry whose field "date" names a day.
 *
 * @phpstan-require-extends FormRequest
 */
trait OnADay
{
    public function day(): LocalDate
    {
        return LocalDate::fromIso($this->string('date')->value());
    }
}
