<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Facility\Purpose;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['purpose', 'origin', 'fallback'], properties: [
    new OA\Property(property: 'name', description: 'Absent: it keeps the one it has.', type: 'string'),
    new OA\Property(property: 'purpose', type: 'string', enum: Purpose::class),
    new OA\Property(property: 'origin', type: 'string', nullable: true, enum: ['tank-raised', 'wild-caught', 'own-bred']),
    new OA\Property(property: 'fallback', description: 'Where it goes if it cannot stay.', type: 'string', nullable: true),
])]
final class CircumstancesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['sometimes', 'required', 'string', 'max:60', Rule::unique('fish', 'name')->ignore($this->route('fish'))],
            'purpose' => ['required', Rule::enum(Purpose::class)],
            'origin' => ['present', 'nullable', 'in:tank-raised,wild-caught,own-bred'],
            'fallback' => ['present', 'nullable', 'string', 'max:200'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('circumstances');
    }
}
