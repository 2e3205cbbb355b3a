<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['plan_id', 'fish', 'supposed'], properties: [
    new OA\Property(property: 'plan_id', description: 'That is changed; null: as things are.', type: 'integer', nullable: true),
    new OA\Property(property: 'fish', description: 'Who moves otherwise: all moves of each of them, by day.', type: 'array', maxItems: 100, items: new OA\Items(required: ['fish_id', 'moves'], properties: [
        new OA\Property(property: 'fish_id', type: 'integer'),
        new OA\Property(property: 'moves', type: 'array', maxItems: 20, items: new OA\Items(required: ['key', 'on'], properties: [
            new OA\Property(property: 'key', description: 'Of the lane to which it goes.', type: 'string'),
            new OA\Property(property: 'on', type: 'string', format: 'date'),
        ], type: 'object')),
    ], type: 'object')),
    new OA\Property(property: 'supposed', description: 'What it takes to be otherwise than it is.', type: 'array', maxItems: 20, items: new OA\Items(ref: '#/components/schemas/SupposedRow')),
])]
final class TrialRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'plan_id' => ['present', 'nullable', 'integer:strict', 'exists:plans,id'],
            'fish' => ['present', 'list', 'max:100'],
            'fish.*.fish_id' => ['required', 'integer:strict', 'distinct'],
            'fish.*.moves' => ['present', 'list', 'max:20'],
            'fish.*.moves.*.key' => ['required', 'string', 'max:40'],
            'fish.*.moves.*.on' => ['required', Day::any()],
            ...SupposedRules::all(),
        ];
    }

    /** @return list<array{fish_id: int, moves: list<array{key: string, on: string}>}> */
    public function fish(): array
    {
        /** @var list<array{fish_id: int, moves: list<array{key: string, on: string}>}> */
        return array_values($this->array('fish'));
    }

    /** @return list<array<string, mixed>> */
    public function supposed(): array
    {
        return array_values($this->array('supposed'));
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...RequestMessages::of('supposed'), ...RequestMessages::of('trial')];
    }
}
