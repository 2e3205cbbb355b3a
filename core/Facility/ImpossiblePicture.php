<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Refusal;
use InvalidArgumentException;

/** The description of a facility contradicts itself. */
final class ImpossiblePicture extends InvalidArgumentException implements Refusal
{
    private function __construct(
        string $sentence,
        /** The first word of its path in the scenario format; null: no field alone is to blame. */
        public readonly ?string $field = null,
    ) {
        parent::__construct($sentence);
    }

    public static function becauseAValueIsOutOfBounds(SpeciesValue $value): self
    {
        $number = fn (float $one): string => rtrim(rtrim(number_format($one, 5, '.', ''), '0'), '.');

        return new self("{$value->value}: give a number from {$number($value->least())} to {$number($value->most())}. Is a decimal point missing?", explode('.', $value->value)[0]);
    }

    public static function becauseALowIsAboveItsHigh(SpeciesValue $value): self
    {
        return new self("{$value->value}: low must not be above high.", explode('.', $value->value)[0]);
    }

    public static function becauseARangeIsTooNarrowOrTooWide(string $what, float $narrowest, float $widest): self
    {
        return new self("{$what}: high must be {$narrowest} to {$widest} times low. No two animals are just alike, and none differ so much.", $what);
    }

    public static function becauseARangeIsOutOfOrder(string $what): self
    {
        return new self("{$what}: low, typical and high must be above zero and in this order.", $what);
    }

    public static function becauseCardinalTemperaturesAreOutOfOrder(string $species): self
    {
        return new self("temperature_c of {$species}: minimum, best and maximum must rise, and the reference must lie between minimum and maximum.", 'temperature_c');
    }

    public static function becauseCardinalTemperaturesAreSingular(string $species, float $leastBest): self
    {
        $least = number_format($leastBest, 1, '.', '');

        return new self("temperature_c of {$species}: best must be at least {$least} °C, half a degree above the middle of minimum and maximum, or the growth response has no meaning.", 'temperature_c');
    }

    public static function becauseTheReferenceIsTooCold(string $species): self
    {
        return new self("temperature_c of {$species}: growth at the reference temperature must be at least a fifth of that at the best. Choose a reference nearer to the best.", 'temperature_c');
    }

    public static function becauseNoMethodAnswers(string $question, string $answer): self
    {
        $answers = implode(', ', [...RuleOption::tryFrom($question)?->answers() ?? [], RuleException::SET_ASIDE]);

        return new self("{$question}: \"{$answer}\" is no answer. Choose one of {$answers}.");
    }

    public static function becauseAConstantIsOutOfRange(RuleParameter $constant): self
    {
        return new self("{$constant->value}: give a number from {$constant->least()} to {$constant->most()}.");
    }

    public static function becauseTheGlassLeavesNoRoom(): self
    {
        return new self('The outside sizes leave no room inside the glass.');
    }

    public static function becauseTheOutlineCrossesItself(): self
    {
        return new self('The outline crosses itself. List its corners in order round the edge.');
    }

    public static function becauseTheLightsAreOutOfOrder(): self
    {
        return new self('light: they come on first, then dim, then go out, all within one day.');
    }

    public static function becauseTheDividerStandsOutside(float $lengthMm): self
    {
        $centimetres = number_format($lengthMm / 10, 0, '.', '');

        return new self("The divider must stand inside the pool: between its two ends, which lie {$centimetres} cm apart.");
    }

    public static function becauseTheDividerNamesNoPool(string $pool): self
    {
        return new self("A divider stands in the pool \"{$pool}\", which is not described.");
    }

    public static function becauseDecorFillsTheSystem(string $what): self
    {
        return new self("Rock and wood take more {$what} than there is. Check their measures.");
    }

    public static function becauseTheOutlineHasNoArea(): self
    {
        return new self('The outline needs at least three corners that do not lie on one line.');
    }

    public static function becauseAnOutlineIsMeasuredInside(): self
    {
        return new self('An outline is measured at its inside edge: leave out "outside".');
    }

    public static function becauseTheFishNamesAnUnknown(string $fish, string $what, string $key): self
    {
        return new self("{$fish} names the {$what} \"{$key}\", which is not described.");
    }
}
