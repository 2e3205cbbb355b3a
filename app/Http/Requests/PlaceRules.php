<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\Currencies;
use Biomegas\Measure\UnitSystem;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/**
 * An entry that says how the place is called, measured and paid in.
 *
 * @phpstan-require-extends FormRequest
 */
trait PlaceRules
{
    /** @return array<string, list<mixed>> */
    private function placeRules(): array
    {
        return [
            'facility' => ['required', 'string', 'max:100'],
            'unit_system' => ['required', Rule::enum(UnitSystem::class)],
            'time_zone' => ['required', 'timezone:all'],
            'currency' => ['nullable', Rule::in(Currencies::all())],
        ];
    }
}
