<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Biomegas\Losses\CountKind;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['number', 'kind', 'date'], properties: [
    new OA\Property(property: 'number', type: 'integer', minimum: 0, maximum: 65535),
    new OA\Property(property: 'kind', type: 'string', enum: CountKind::class),
    new OA\Property(property: 'date', type: 'string', format: 'date'),
])]
final class CountRequest extends LogRequest
{
    public function rules(): array
    {
        return [
            'number' => ['required', 'integer', 'min:0', 'max:65535'],
            'kind' => ['required', Rule::enum(CountKind::class)],
            'date' => ['required', 'string'],
        ];
    }
}
