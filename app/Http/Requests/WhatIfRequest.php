<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\Units;
use Biomegas\Rulebook\Ration;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class WhatIfRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'ration' => ['nullable', Rule::enum(Ration::class)],
            'temperature_c' => ['nullable', 'numeric', 'between:0,40'],
            'system_id' => ['nullable', 'integer'],
            'adult' => ['nullable', 'string'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('what_if');
    }

    public function ration(): ?Ration
    {
        return Ration::tryFrom($this->string('ration')->value());
    }

    public function celsius(): ?float
    {
        return $this->filled('temperature_c') ? $this->float('temperature_c') : null;
    }

    /** @throws InvalidEntry when the adult length cannot be read */
    public function adultMm(Units $units): ?float
    {
        return TypedLength::millimetres('adult', $this->string('adult')->value(), $units);
    }
}
