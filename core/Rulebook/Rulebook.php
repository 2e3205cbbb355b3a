<?php

declare(strict_types=1);

namespace Biomegas\Rulebook;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Description\ImpossiblePicture;

/** The choices where keepers disagree, the numbers behind the rules, and the exceptions. */
final readonly class Rulebook
{
    /**
     * @param  array<string, string>  $answers  to questions, where they are not the default
     * @param  array<string, float>  $numbers  by constant, where they are not the standard
     * @param  list<RuleException>  $exceptions
     * @param  array<string, OwnVerdict>  $verdicts  of the keeper on two fish, by both
     *
     * @throws ImpossiblePicture when an answer or number cannot be
     */
    public function __construct(
        private array $answers = [],
        private array $numbers = [],
        public array $exceptions = [],
        private array $verdicts = [],
    ) {
        foreach ($answers as $question => $answer) {
            if (! in_array($answer, RuleOption::from($question)->answers(), true)) {
                throw ImpossiblePicture::becauseNoMethodAnswers($question, $answer, self::answersOf($question));
            }
        }
        foreach ($exceptions as $exception) {
            $question = RuleOption::tryFrom($exception->rule);
            if ($exception->answer !== RuleException::SET_ASIDE && ! in_array($exception->answer, $question?->answers() ?? [], true)) {
                throw ImpossiblePicture::becauseNoMethodAnswers($exception->rule, $exception->answer, self::answersOf($exception->rule));
            }
        }
        foreach ($numbers as $name => $number) {
            $constant = RuleParameter::from($name);
            if ($number < $constant->least() || $number > $constant->most()) {
                throw ImpossiblePicture::becauseAParameterIsOutOfRange($constant->value, $constant->least(), $constant->most());
            }
        }
    }

    public function answer(RuleOption $question): string
    {
        return $this->answers[$question->value] ?? $question->answers()[0];
    }

    public function number(RuleParameter $constant): float
    {
        return $this->numbers[$constant->value] ?? $constant->standard();
    }

    public function home(): HomeMethod
    {
        return HomeMethod::from($this->answer(RuleOption::Home));
    }

    public function floor(): FloorMethod
    {
        return FloorMethod::from($this->answer(RuleOption::Floor));
    }

    /** A fish goes at once to the home for its adult size, not through a chain of homes. */
    public function movesToFinalHomeFirst(): bool
    {
        return $this->answer(RuleOption::Upgrade) === 'final-first';
    }

    /** What a ration gives, of that of steady feeding. */
    public function foodOf(Ration $ration): float
    {
        return match ($ration) {
            Ration::Sparse => $this->number(RuleParameter::FeedSparse),
            Ration::Steady => 1.0,
            Ration::Several => $this->number(RuleParameter::FeedSeveral),
        };
    }

    /** How a fish is fed that comes home. */
    public function ration(): Ration
    {
        return Ration::from($this->answer(RuleOption::Ration));
    }

    public function quarantineDays(): int
    {
        return (int) $this->number(match ($this->answer(RuleOption::Quarantine)) {
            'short' => RuleParameter::QuarantineShort,
            'long' => RuleParameter::QuarantineLong,
            default => RuleParameter::QuarantineStandard,
        });
    }

    /** How long a home should last when fish are moved up in stages. */
    public function stagedDays(): int
    {
        return (int) round($this->number(RuleParameter::StagedMonths) * LocalDate::DAYS_PER_YEAR / 12);
    }

    public function answering(RuleOption $question, string $answer): self
    {
        return new self([...$this->answers, $question->value => $answer], $this->numbers, $this->exceptions, $this->verdicts);
    }

    /** @param  list<OwnVerdict>  $verdicts */
    public function withVerdicts(array $verdicts): self
    {
        return new self($this->answers, $this->numbers, $this->exceptions, array_column(array_map(fn (OwnVerdict $own): array => [OwnVerdict::of($own->one, $own->other), $own], $verdicts), 1, 0));
    }

    /**
     * What the keeper says of two fish; null: nothing.
     *
     * @param  string  $one  key of a fish
     */
    public function ownVerdict(string $one, string $other): ?OwnVerdict
    {
        return $this->verdicts === [] ? null : $this->verdicts[OwnVerdict::of($one, $other)] ?? null;
    }

    /** The rulebook as it holds for a fish in a system: an exception of the fish outweighs one of the system. */
    public function holdingFor(?string $systemKey, ?string $fishKey = null): self
    {
        $answers = $this->answers;
        $own = [];
        foreach ([$systemKey, $fishKey] as $key) {
            foreach ($this->exceptions as $exception) {
                if ($key !== null && $exception->of === $key) {
                    $own[] = $exception;
                    if (RuleOption::tryFrom($exception->rule) !== null && $exception->answer !== RuleException::SET_ASIDE) {
                        $answers[$exception->rule] = $exception->answer;
                    }
                }
            }
        }

        return $this->exceptions === [] ? $this : new self($answers, $this->numbers, $own, $this->verdicts);
    }

    /** The exception that sets this rule aside, of those that hold here; null when none does. */
    public function setAside(string $rule): ?RuleException
    {
        foreach ($this->exceptions as $exception) {
            if ($exception->rule === $rule && $exception->answer === RuleException::SET_ASIDE) {
                return $exception;
            }
        }

        return null;
    }

    /** @return list<string> what may be answered, a rule set aside included */
    private static function answersOf(string $option): array
    {
        return [...RuleOption::tryFrom($option)?->answers() ?? [], RuleException::SET_ASIDE];
    }
}
