<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Culture\CultureKind;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['name', 'kind', 'food_id', 'started_on', 'seed', 'room', 'tanks'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'kind', type: 'string', enum: CultureKind::class),
    new OA\Property(property: 'food_id', description: 'What it gives; counted in its unit.', type: 'integer'),
    new OA\Property(property: 'started_on', type: 'string', format: 'date'),
    new OA\Property(property: 'seed', description: 'How many it began with.', type: 'number'),
    new OA\Property(property: 'room', description: 'How many one of its tanks holds when it is full.', type: 'number'),
    new OA\Property(property: 'tanks', type: 'integer'),
    new OA\Property(property: 'quarantine_until', type: 'string', format: 'date', nullable: true),
    new OA\Property(property: 'ended_on', type: 'string', format: 'date', nullable: true),
])]
final class CultureRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:60'],
            'kind' => ['required', Rule::enum(CultureKind::class)],
            'food_id' => ['required', 'integer:strict', Rule::exists('foods', 'id')->whereNull('deleted_at')],
            'started_on' => ['required', Day::any()],
            'seed' => ['required', 'numeric:strict', 'max:10000000'],
            'room' => ['required', 'numeric:strict', 'max:10000000'],
            'tanks' => ['required', 'integer:strict', 'min:1', 'max:100'],
            'quarantine_until' => ['nullable', Day::any()],
            'ended_on' => ['nullable', Day::any()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('culture');
    }
}
