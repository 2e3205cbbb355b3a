<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Planning\Plan\Aim;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['aim', 'months', 'may_build', 'locks', 'supposed'], properties: [
    new OA\Property(property: 'aim', description: 'What matters most.', type: 'string', enum: Aim::class),
    new OA\Property(property: 'months', type: 'integer', minimum: 3, maximum: 36),
    new OA\Property(property: 'may_build', description: 'New homes may be proposed.', type: 'boolean'),
    new OA\Property(property: 'locks', description: 'Who must be where, and when.', type: 'array', maxItems: 100, items: new OA\Items(required: ['fish_id', 'system_id', 'from', 'until'], properties: [
        new OA\Property(property: 'fish_id', type: 'integer'),
        new OA\Property(property: 'system_id', type: 'integer'),
        new OA\Property(property: 'from', description: 'Null: from today on.', type: 'string', format: 'date', nullable: true),
        new OA\Property(property: 'until', description: 'The first day on which it need not be there; null: as far as is looked.', type: 'string', format: 'date', nullable: true),
    ], type: 'object')),
    new OA\Property(property: 'supposed', description: 'What it may take to be otherwise than it is.', type: 'array', maxItems: 20, items: new OA\Items(ref: '#/components/schemas/SupposedRow')),
])]
final class PlanRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'aim' => ['required', Rule::enum(Aim::class)],
            'months' => ['required', 'integer:strict', 'between:3,36'],
            'may_build' => ['required', 'boolean:strict'],
            'locks' => ['present', 'list', 'max:100'],
            'locks.*.fish_id' => ['required', 'integer:strict'],
            'locks.*.system_id' => ['required', 'integer:strict'],
            'locks.*.from' => ['present', 'nullable', Day::any()],
            'locks.*.until' => ['present', 'nullable', Day::any()],
            ...SupposedRules::all(),
        ];
    }

    /** @return list<array{fish_id: int, system_id: int, from: string|null, until: string|null}> */
    public function locks(): array
    {
        /** @var list<array{fish_id: int, system_id: int, from: string|null, until: string|null}> */
        return array_values($this->array('locks'));
    }

    /** @return list<array<string, mixed>> */
    public function supposed(): array
    {
        return array_values($this->array('supposed'));
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...RequestMessages::of('supposed'), ...RequestMessages::of('plan')];
    }
}
