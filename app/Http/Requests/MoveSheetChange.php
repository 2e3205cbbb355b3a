<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Moving\Mixing\MixingWay;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: [], description: 'What is left out stays.', properties: [
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'mixing', type: 'string', enum: MixingWay::class),
    new OA\Property(property: 'container_litres', type: 'number'),
    new OA\Property(property: 'note', type: 'string', nullable: true),
    new OA\Property(property: 'override_reason', description: 'Why it is done although something forbids it.', type: 'string', nullable: true),
])]
final class MoveSheetChange extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'date' => [Day::any()],
            'mixing' => [Rule::enum(MixingWay::class)],
            'container_litres' => ['numeric:strict', 'min:1', 'max:100000'],
            'note' => ['nullable', 'string', 'max:1000'],
            'override_reason' => ['nullable', 'string', 'max:500'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('move_sheet_change');
    }
}
