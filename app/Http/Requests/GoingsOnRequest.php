<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;

final class GoingsOnRequest extends FormRequest
{
    use OnADay;

    private const MINUTES_PER_HOUR = 60;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['date' => ['required', Day::any()], 'time' => ['nullable', 'date_format:H:i']];
    }

    /** After midnight; null: not known. */
    public function minute(): ?int
    {
        return $this->filled('time') ? self::MINUTES_PER_HOUR * (int) substr($this->string('time')->value(), 0, 2) + (int) substr($this->string('time')->value(), 3, 2) : null;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('incident');
    }
}
