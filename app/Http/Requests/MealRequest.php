<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Food\FoodUnit;
use Biomegas\Food\MealOutcome;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['date', 'outcome'], properties: [
    new OA\Property(property: 'fish_id', description: 'One that is fed by itself, or left its food alone; null: all others there.', type: 'integer', nullable: true),
    new OA\Property(property: 'date', type: 'string', format: 'date'),
    new OA\Property(property: 'time', description: 'HH:MM, when it is known.', type: 'string', nullable: true),
    new OA\Property(property: 'outcome', type: 'string', enum: MealOutcome::class),
    new OA\Property(property: 'eaten_percent', description: 'Of what was given; null: as is usual with the outcome.', type: 'number', nullable: true),
    new OA\Property(property: 'given', description: 'Null: what is planned for the day.', type: 'array', nullable: true, items: new OA\Items(required: ['food_id', 'amount'], properties: [
        new OA\Property(property: 'food_id', type: 'integer'),
        new OA\Property(property: 'amount', type: 'number'),
        new OA\Property(property: 'unit', description: 'That it was counted in; null: that of the food.', type: 'string', enum: FoodUnit::class, nullable: true),
    ], type: 'object')),
])]
final class MealRequest extends FormRequest
{
    use OnADay;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'fish_id' => ['nullable', 'integer:strict', 'exists:fish,id'],
            'date' => ['required', Day::any()],
            'time' => ['nullable', 'date_format:H:i'],
            'outcome' => ['required', Rule::enum(MealOutcome::class)],
            'eaten_percent' => ['nullable', 'numeric:strict', 'min:0', 'max:100'],
            'given' => ['nullable', 'array', 'list', 'max:10'],
            'given.*' => ['array'],
            'given.*.food_id' => ['required', 'integer:strict', Rule::exists('foods', 'id')->whereNull('deleted_at')],
            'given.*.amount' => ['required', 'numeric:strict', 'gt:0', 'max:1000000'],
            'given.*.unit' => ['nullable', Rule::enum(FoodUnit::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('meal');
    }

    public function outcome(): MealOutcome
    {
        return MealOutcome::from($this->string('outcome')->value());
    }

    /** @return list<array{food_id: int, amount: int|float, unit?: string|null}>|null null: as planned */
    public function given(): ?array
    {
        return $this->validated('given');
    }

    /** Null: as is usual with the outcome. */
    public function eaten(): ?float
    {
        return $this->input('eaten_percent') === null ? null : $this->float('eaten_percent') / 100;
    }
}
