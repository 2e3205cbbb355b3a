<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Calendar\LocalMoment;
use Illuminate\Foundation\Http\FormRequest;

final class GoingsOnRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['date' => ['required', Day::any()], 'time' => ['nullable', 'date_format:H:i']];
    }

    /** After midnight; null: not known. */
    public function minute(): ?int
    {
        return $this->filled('time') ? LocalMoment::fromIso("{$this->day()->toIso()}T{$this->string('time')->value()}")->minute : null;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('incident');
    }
}
