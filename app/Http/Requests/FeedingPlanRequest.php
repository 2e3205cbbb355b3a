<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Http\Rules\Day;
use App\Language\RequestMessages;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Food\FeedingPlan;
use Biomegas\Food\Food;
use Biomegas\Food\PlanPart;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['parts', 'of_ration_percent', 'times', 'fasting'], properties: [
    new OA\Property(property: 'parts', type: 'array', items: new OA\Items(required: ['food_id', 'percent'], properties: [
        new OA\Property(property: 'food_id', type: 'integer'),
        new OA\Property(property: 'percent', description: 'Of the ration, as dry matter.', type: 'number'),
    ], type: 'object')),
    new OA\Property(property: 'of_ration_percent', description: 'Of the ration by the book.', type: 'number'),
    new OA\Property(property: 'times', description: 'A day.', type: 'integer'),
    new OA\Property(property: 'fasting', description: 'ISO weekdays: Monday is 1.', type: 'array', items: new OA\Items(type: 'integer')),
    new OA\Property(property: 'medicine', type: 'string', nullable: true),
    new OA\Property(property: 'medicine_until', type: 'string', format: 'date', nullable: true),
])]
final class FeedingPlanRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'parts' => ['required', 'array', 'list', 'min:1', 'max:10'],
            'parts.*' => ['array'],
            'parts.*.food_id' => ['required', 'integer:strict', Rule::exists('foods', 'id')->whereNull('deleted_at')],
            'parts.*.percent' => ['required', 'numeric:strict', 'gt:0', 'max:100'],
            'of_ration_percent' => ['required', 'numeric:strict', 'min:5', 'max:400'],
            'times' => ['required', 'integer:strict', 'min:1', 'max:12'],
            'fasting' => ['present', 'array', 'list', 'max:7'],
            'fasting.*' => ['integer:strict', 'distinct', 'between:1,7'],
            'medicine' => ['nullable', 'string', 'max:200'],
            'medicine_until' => ['nullable', Day::any()],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('feeding_plan');
    }

    /**
     * As the core sees it.
     *
     * @param  Closure(int): Food  $find
     *
     * @throws InvalidEntry when they cannot be fed like this
     */
    public function plan(Closure $find): FeedingPlan
    {
        $columns = $this->columns();

        return new FeedingPlan(array_map(fn (array $part): PlanPart => new PlanPart($find($part['food_id']), $part['share']), $columns['parts']), $columns['of_ration'], $columns['times'], $columns['fasting'], $columns['medicine']);
    }

    /** @return array{parts: non-empty-list<array{food_id: int, share: float}>, of_ration: float, times: int, fasting: list<int>, medicine: string|null, medicine_until: string|null} */
    public function columns(): array
    {
        /** @var array{parts: non-empty-list<array{food_id: int, percent: int|float}>, of_ration_percent: int|float, times: int, fasting: list<int>, medicine?: string|null, medicine_until?: string|null} $sent */
        $sent = $this->validated();

        return [
            'parts' => array_map(fn (array $part): array => ['food_id' => $part['food_id'], 'share' => $part['percent'] / 100], $sent['parts']),
            'of_ration' => $sent['of_ration_percent'] / 100, 'times' => $sent['times'], 'fasting' => $sent['fasting'],
            'medicine' => $sent['medicine'] ?? null, 'medicine_until' => $sent['medicine_until'] ?? null,
        ];
    }
}
