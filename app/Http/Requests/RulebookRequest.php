<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Facility\Keys;
use App\Language\RequestMessages;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Rulebook\RuleOption;
use Biomegas\Rulebook\RuleParameter;
use Illuminate\Foundation\Http\FormRequest;
use OpenApi\Attributes as OA;

#[OA\Schema(required: ['answers', 'numbers', 'exceptions'], properties: [
    new OA\Property(property: 'answers', description: 'By question; what is not named is answered by the default.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    new OA\Property(property: 'numbers', description: 'By name; what is not named has its standard value.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
    new OA\Property(property: 'exceptions', type: 'array', maxItems: 500, items: new OA\Items(ref: '#/components/schemas/RuleExceptionRow')),
])]
final class RulebookRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $rules = ['answers' => ['present', 'array'], 'numbers' => ['present', 'array'], 'exceptions' => ['present', 'array', 'max:500']];
        foreach (RuleOption::cases() as $question) {
            $rules["answers.{$question->value}"] = ['sometimes', 'in:'.implode(',', $question->answers())];
        }
        foreach (RuleParameter::cases() as $cas) {
            $rules["numbers.{$cas->value}"] = ['sometimes', 'numeric:strict', "between:{$cas->least()},{$cas->most()}"];
        }
        $names = implode(',', [...array_column(RuleOption::cases(), 'value'), ...array_column(HousingRule::cases(), 'value')]);

        return [
            ...$rules,
            'exceptions.*.of' => ['required', 'in:fish,system'],
            'exceptions.*.id' => ['required', 'integer:strict'],
            'exceptions.*.rule' => ['required', "in:{$names}"],
            'exceptions.*.answer' => ['required', 'string', 'max:40'],
            'exceptions.*.reason' => ['required', 'string', 'min:3', 'max:300'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return RequestMessages::of('rulebook');
    }

    /** @return array<string, mixed> in the words of the scenario format, without what is as it comes */
    public function document(): array
    {
        $answers = array_filter(
            array_intersect_key((array) $this->validated('answers'), array_flip(array_column(RuleOption::cases(), 'value'))),
            fn (string $answer, string $question): bool => $answer !== RuleOption::from($question)->answers()[0],
            ARRAY_FILTER_USE_BOTH,
        );
        $numbers = array_filter(
            array_map(floatval(...), array_intersect_key((array) $this->validated('numbers'), array_flip(array_column(RuleParameter::cases(), 'value')))),
            fn (float $number, string $name): bool => $number !== RuleParameter::from($name)->standard(),
            ARRAY_FILTER_USE_BOTH,
        );

        return [...$answers, ...$numbers, 'exceptions' => array_map($this->exception(...), array_values((array) $this->validated('exceptions')))];
    }

    /**
     * @param  array{of: string, id: int, rule: string, answer: string, reason: string}  $exception
     * @return array{of: string, rule: string, answer: string, reason: string}
     */
    private function exception(array $exception): array
    {
        return [
            'of' => $exception['of'] === 'fish' ? Keys::ofFish((int) $exception['id']) : Keys::ofSystem((int) $exception['id']),
            'rule' => $exception['rule'], 'answer' => $exception['answer'], 'reason' => $exception['reason'],
        ];
    }
}
