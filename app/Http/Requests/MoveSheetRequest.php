<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Facility\Sex;
use Biomegas\Moving\Mixing\MixingWay;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['to_system_id', 'date', 'fish'], properties: [
    new OA\Property(property: 'to_system_id', type: 'integer'),
    new OA\Property(property: 'date', description: 'The day of the move: today or to come.', type: 'string', format: 'date'),
    new OA\Property(property: 'fish', description: 'All from one home.', type: 'array', minItems: 1, items: new OA\Items(required: ['fish_id'], properties: [
        new OA\Property(property: 'fish_id', type: 'integer'),
        new OA\Property(property: 'count', description: 'Of a shoal: how many; absent: all.', type: 'integer', nullable: true),
        new OA\Property(property: 'name', description: 'Of the part of a shoal that goes; absent: after the shoal.', type: 'string', nullable: true),
        new OA\Property(property: 'sex', type: 'string', enum: Sex::class, nullable: true),
        new OA\Property(property: 'size', description: 'Which of the sizes told apart, as they are called.', type: 'string', nullable: true),
    ], type: 'object')),
    new OA\Property(property: 'until', description: 'Planned end of an interim stay.', type: 'string', format: 'date', nullable: true),
    new OA\Property(property: 'is_time_out', type: 'boolean'),
    new OA\Property(property: 'mixing', type: 'string', enum: MixingWay::class),
    new OA\Property(property: 'container_litres', description: 'To the brim.', type: 'number'),
    new OA\Property(property: 'note', type: 'string', nullable: true),
])]
final class MoveSheetRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'to_system_id' => ['required', 'integer:strict', 'exists:systems,id'],
            'date' => ['required', Day::any()],
            'fish' => ['required', 'array', 'min:1', 'max:50'],
            'fish.*.fish_id' => ['required', 'integer:strict', 'exists:fish,id', 'distinct'],
            'fish.*.count' => ['nullable', 'integer:strict', 'min:1'],
            'fish.*.name' => ['nullable', 'string', 'max:60', 'unique:fish,name'],
            'fish.*.sex' => ['nullable', Rule::enum(Sex::class)],
            'fish.*.size' => ['nullable', 'string', 'max:30'],
            'until' => ['nullable', Day::after('date')],
            'is_time_out' => ['boolean:strict'],
            'mixing' => [Rule::enum(MixingWay::class)],
            'container_litres' => ['numeric:strict', 'min:1', 'max:100000'],
            'note' => ['nullable', 'string', 'max:1000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('move_sheet');
    }
}
