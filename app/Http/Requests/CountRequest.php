<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use Biomegas\Losses\CountKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['number', 'kind', 'date'], properties: [
    new OA\Property(property: 'number', type: 'integer', minimum: 0, maximum: 65535),
    new OA\Property(property: 'kind', type: 'string', enum: CountKind::class),
    new OA\Property(property: 'give_or_take', description: 'Of an estimate: so many more or fewer there may be.', type: 'integer', minimum: 0, maximum: 65535, nullable: true),
    new OA\Property(property: 'date', type: 'string', format: 'date'),
])]
final class CountRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'number' => ['required', 'integer:strict', 'min:0', 'max:65535'],
            'kind' => ['required', Rule::enum(CountKind::class)],
            'give_or_take' => ['nullable', 'integer:strict', 'min:0', 'max:65535'],
            'date' => ['required', Day::any()],
        ];
    }
}
