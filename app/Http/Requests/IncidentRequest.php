<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Biomegas\Company\Act;
use Biomegas\Company\Harm;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['actor_id', 'target_id', 'act', 'harm', 'date'], properties: [
    new OA\Property(property: 'actor_id', type: 'integer'),
    new OA\Property(property: 'target_id', type: 'integer'),
    new OA\Property(property: 'act', type: 'string', enum: Act::class),
    new OA\Property(property: 'harm', type: 'string', enum: Harm::class),
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'time', description: 'HH:MM, when it is known.', type: 'string', nullable: true),
])]
final class IncidentRequest extends LogRequest
{
    public function rules(): array
    {
        return [
            'actor_id' => ['required', 'integer'],
            'target_id' => ['required', 'integer'],
            'act' => ['required', Rule::enum(Act::class)],
            'harm' => ['required', Rule::enum(Harm::class)],
            'date' => ['required', 'string'],
            'time' => ['nullable', 'date_format:H:i'],
        ];
    }

    public function messages(): array
    {
        return [...parent::messages(), 'time.date_format' => 'Give the time as hours and minutes, for example 18:30, or leave it empty.'];
    }
}
