<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['values'], properties: [
    new OA\Property(property: 'values', description: 'What is written down instead, by column; what is left out stays.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string', nullable: true)),
])]
final class RowCorrection extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['values' => ['required', 'array', 'min:1', 'max:20'], 'values.*' => ['nullable', 'string', 'max:20000']];
    }
}
