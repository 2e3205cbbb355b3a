<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Biomegas\Moving\Mixing\MixingWay;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: [], description: 'What is left out stays.', properties: [
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'mixing', type: 'string', enum: MixingWay::class),
    new OA\Property(property: 'container_litres', type: 'number'),
    new OA\Property(property: 'note', type: 'string', nullable: true),
    new OA\Property(property: 'override_reason', description: 'Why it is done although something forbids it.', type: 'string', nullable: true),
])]
final class MoveSheetChange extends LogRequest
{
    public function rules(): array
    {
        return [
            'date' => ['date_format:Y-m-d'],
            'mixing' => [Rule::enum(MixingWay::class)],
            'container_litres' => ['numeric', 'min:1', 'max:100000'],
            'note' => ['nullable', 'string', 'max:1000'],
            'override_reason' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [...parent::messages(), 'date_format' => 'Give the day as year-month-day.', 'container_litres' => 'Give how many litres the container holds.'];
    }
}
