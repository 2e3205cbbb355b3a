<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Measure\UnitSystem;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['facility', 'unit_system', 'time_zone'], properties: [
    new OA\Property(property: 'facility', description: 'Name of the place.', type: 'string'),
    new OA\Property(property: 'unit_system', type: 'string', enum: UnitSystem::class),
    new OA\Property(property: 'time_zone', description: 'Where the fish are, for example Europe/London.', type: 'string'),
    new OA\Property(property: 'units', description: 'Quantities that are set apart from the rest; left out: none.', type: 'object', properties: [
        new OA\Property(property: 'length', type: 'string', enum: UnitSystem::class), new OA\Property(property: 'volume', type: 'string', enum: UnitSystem::class),
        new OA\Property(property: 'temperature', type: 'string', enum: UnitSystem::class), new OA\Property(property: 'mass', type: 'string', enum: UnitSystem::class),
    ]),
    new OA\Property(property: 'change_days', description: 'Days of the week for water, Monday is 1; none: nobody is reminded.', type: 'array', items: new OA\Items(type: 'integer', minimum: 1, maximum: 7)),
    new OA\Property(property: 'measure_days', description: 'Days of the week for measuring; none: any.', type: 'array', items: new OA\Items(type: 'integer', minimum: 1, maximum: 7)),
    new OA\Property(property: 'currency', description: 'ISO 4217; absent: sums are said without it.', type: 'string', nullable: true),
])]
final class FacilityRequest extends FormRequest
{
    use PlaceRules;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $day = ['integer:strict', 'between:1,7', 'distinct'];

        return [...$this->placeRules(), 'units' => ['sometimes', 'array:length,volume,temperature,mass'], 'units.*' => [Rule::enum(UnitSystem::class)], 'change_days' => ['sometimes', 'array', 'max:7'], 'change_days.*' => $day, 'measure_days' => ['sometimes', 'array', 'max:7'], 'measure_days.*' => $day];
    }

    /** @return array<string, string> by quantity, those that are not as the rest */
    public function unitsApart(): array
    {
        return array_filter((array) $this->input('units', []), fn (mixed $system): bool => $system !== $this->input('unit_system'));
    }

    /** @return array{changes: list<int>, measures: list<int>}|null null: as it was */
    public function rhythm(): ?array
    {
        return $this->has('change_days') || $this->has('measure_days') ? ['changes' => array_values((array) $this->input('change_days', [])), 'measures' => array_values((array) $this->input('measure_days', []))] : null;
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('facility');
    }
}
