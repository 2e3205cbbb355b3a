<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Water\Nitrification\FilterCare;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['date', 'kind'], properties: [
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'kind', type: 'string', enum: ['water-change', 'rinsed', 'half-removed', 'deep-cleaned', 'scrubbed', 'chlorinated-tap']),
    new OA\Property(property: 'percent', description: 'Of the water, with a change.', type: 'number', nullable: true),
])]
final class WaterWorkRequest extends FormRequest
{
    use OnADay;

    public const CHANGE = 'water-change';

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => ['required', Day::any()],
            'kind' => ['required', 'in:'.implode(',', self::kinds())],
            'percent' => ['nullable', 'required_if:kind,'.self::CHANGE, 'numeric:strict', 'gt:0', 'max:100'],
        ];
    }

    /** @return list<string> a water change, or something done to the filter */
    public static function kinds(): array
    {
        $cares = array_filter(FilterCare::cases(), fn (FilterCare $care): bool => $care !== FilterCare::Untouched);

        return [self::CHANGE, ...array_values(array_map(fn (FilterCare $care): string => $care->value, $cares))];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('water_work');
    }
}
