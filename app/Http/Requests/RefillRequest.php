<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\Units;
use Illuminate\Foundation\Http\FormRequest;

final class RefillRequest extends FormRequest
{
    private const PERCENT = 100;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'percent' => ['required', 'numeric', 'gt:0', 'max:100'],
            'cold' => ['required', 'string', 'max:40'],
            'hot' => ['required', 'string', 'max:40'],
            'fill' => ['nullable', 'string', 'max:40'],
            'dose' => ['nullable', 'numeric', 'min:0', 'max:100000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('refill');
    }

    public function share(): float
    {
        return $this->float('percent') / self::PERCENT;
    }

    /** @throws InvalidEntry */
    public function celsius(string $field, Units $units): float
    {
        return TypedCelsius::of($field, $this->string($field)->value(), $units);
    }
}
