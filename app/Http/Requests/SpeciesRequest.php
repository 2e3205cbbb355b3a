<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Species\Outline;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['description'], properties: [
    new OA\Property(property: 'description', description: 'The whole kind, in the words of the scenario format; its key is given here.', type: 'object', additionalProperties: true),
    new OA\Property(property: 'form', description: 'Its outline in the drawing kit, for a new species.', type: 'string', nullable: true, enum: Outline::class),
])]
final class SpeciesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'description' => ['required', 'array', 'max:100'],
            'form' => ['nullable', Rule::enum(Outline::class)],
        ];
    }

    /** @return array<string, mixed> */
    public function description(): array
    {
        return (array) $this->input('description');
    }
}
