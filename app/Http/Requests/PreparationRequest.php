<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['date'], properties: [
    new OA\Property(property: 'date', description: 'The day it is wanted.', type: 'string', format: 'date'),
    new OA\Property(property: 'is_built', type: 'boolean'),
    new OA\Property(property: 'uses_tap_water', type: 'boolean'),
    new OA\Property(property: 'has_starter_fish', type: 'boolean'),
    new OA\Property(property: 'donor_system_id', description: 'Whose filter media it is seeded with.', type: 'integer', nullable: true),
    new OA\Property(property: 'donor_percent', description: 'Share of those media.', type: 'number', nullable: true),
    new OA\Property(property: 'species_id', description: 'Of the first stock that is planned.', type: 'integer', nullable: true),
    new OA\Property(property: 'count', type: 'integer', nullable: true),
    new OA\Property(property: 'length', description: 'As typed.', type: 'string', nullable: true),
])]
final class PreparationRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => ['required', Day::any()],
            'is_built' => ['boolean:strict'],
            'uses_tap_water' => ['boolean:strict'],
            'has_starter_fish' => ['boolean:strict'],
            'donor_system_id' => ['nullable', 'integer:strict', 'exists:systems,id'],
            'donor_percent' => ['nullable', 'required_with:donor_system_id', 'numeric:strict', 'gt:0', 'max:100'],
            'species_id' => ['nullable', 'integer:strict', 'exists:species,id'],
            'count' => ['nullable', 'required_with:species_id', 'integer:strict', 'min:1', 'max:60000'],
            'length' => ['nullable', 'required_with:species_id', 'string', 'max:40'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('preparation');
    }
}
