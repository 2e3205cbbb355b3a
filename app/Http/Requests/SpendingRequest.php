<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Cost\SpendingKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['date', 'kind', 'amount', 'what'], properties: [
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'kind', type: 'string', enum: SpendingKind::class),
    new OA\Property(property: 'amount', description: 'In the facility\'s money.', type: 'number'),
    new OA\Property(property: 'what', type: 'string'),
    new OA\Property(property: 'system_id', description: 'For which system; null: for none alone.', type: 'integer', nullable: true),
    new OA\Property(property: 'fish_id', type: 'integer', nullable: true),
])]
final class SpendingRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => ['required', Day::any()],
            'kind' => ['required', Rule::enum(SpendingKind::class)],
            'amount' => ['required', 'numeric:strict', 'gt:0', 'max:10000000'],
            'what' => ['required', 'string', 'max:200'],
            'system_id' => ['nullable', 'integer:strict', 'exists:systems,id'],
            'fish_id' => ['nullable', 'integer:strict', 'prohibits:system_id', 'exists:fish,id'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('spending');
    }
}
