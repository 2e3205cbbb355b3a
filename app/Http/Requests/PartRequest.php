<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Language\RequestMessages;
use Biomegas\Facility\Sex;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['count'], properties: [
    new OA\Property(property: 'count', description: 'How many leave the shoal.', type: 'integer', minimum: 1),
    new OA\Property(property: 'name', description: 'What they are called from now on; absent: after the shoal.', type: 'string', nullable: true),
    new OA\Property(property: 'sex', type: 'string', enum: Sex::class, nullable: true),
    new OA\Property(property: 'size', description: 'Which of the sizes told apart, as they are called.', type: 'string', nullable: true),
])]
final class PartRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'count' => ['required', 'integer:strict', 'min:1', 'max:60000'],
            'name' => ['nullable', 'string', 'max:60', 'unique:fish,name'],
            'sex' => ['nullable', Rule::enum(Sex::class)],
            'size' => ['nullable', 'string', 'max:30'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('part');
    }
}
