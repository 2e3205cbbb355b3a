<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Facility\Fish;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleException;
use Biomegas\Rulebook\RuleOption;
use Biomegas\Rulebook\RuleParameter;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The choices where keepers disagree, the numbers behind the rules, and the exceptions.')]
final readonly class RulebookSheet
{
    /**
     * @param  list<RuleOptionRow>  $schools
     * @param  list<RuleNumber>  $numbers
     * @param  list<RuleExceptionRow>  $exceptions
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/RuleOptionRow'))] public array $schools,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/RuleNumber'))] public array $numbers,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/RuleExceptionRow'))] public array $exceptions,
    ) {
    }

    public static function from(FacilitySnapshot $kept): self
    {
        $rulebook = $kept->facility->rulebook;

        return new self(
            array_map(fn (RuleOption $question): RuleOptionRow => self::school($kept, $question), RuleOption::cases()),
            array_map(fn (RuleParameter $parameter): RuleNumber => new RuleNumber($parameter, $rulebook->number($parameter), $parameter->standard(), $parameter->least(), $parameter->most()), RuleParameter::cases()),
            array_map(fn (RuleException $exception): RuleExceptionRow => self::exception($kept, $exception), $rulebook->exceptions),
        );
    }

    private static function school(FacilitySnapshot $kept, RuleOption $question): RuleOptionRow
    {
        $rulebook = $kept->facility->rulebook;
        $choices = [];
        foreach ($question->answers() as $i => $answer) {
            $isChosen = $answer === $rulebook->answer($question);
            // Other questions move nobody out of a home.
            $effect = $isChosen || ! in_array($question, [RuleOption::Home, RuleOption::Floor], true)
                ? null
                : $kept->methodEffect($rulebook->answering($question, $answer));
            $choices[] = new MethodRow($answer, $isChosen, $i === 0, $effect->lose ?? [], $effect->gain ?? [],
                $isChosen || $question !== RuleOption::Upgrade ? [] : self::elsewhere($kept, $rulebook->answering($question, $answer)));
        }

        return new RuleOptionRow($question, $choices);
    }

    /** @return list<string> */
    private static function elsewhere(FacilitySnapshot $kept, Rulebook $other): array
    {
        $moved = array_filter($kept->facility->fish, fn (Fish $fish): bool => $kept->homesAheadUnder($other, $fish)->next()?->system->key !== $kept->homesAhead($fish)->next()?->system->key);

        return array_values(array_map(fn (Fish $fish): string => $fish->name, $moved));
    }

    private static function exception(FacilitySnapshot $kept, RuleException $exception): RuleExceptionRow
    {
        $fish = $kept->facility->fish[$exception->of] ?? null;
        $name = $fish->name ?? ($kept->facility->systems[$exception->of] ?? $kept->facility->former[$exception->of] ?? null)->name ?? '';

        return new RuleExceptionRow($fish === null ? 'system' : 'fish', Keys::id($exception->of), $name, $exception->rule, $exception->answer, $exception->reason);
    }
}
