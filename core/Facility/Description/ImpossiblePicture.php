<?php

declare(strict_types=1);

namespace Biomegas\Facility\Description;

use Biomegas\Finding\Finding;
use Biomegas\Finding\Refusal;
use Biomegas\Measure\Length;
use Biomegas\Measure\Number;
use Biomegas\Measure\Temperature;
use InvalidArgumentException;

/** The description of a facility contradicts itself. */
final class ImpossiblePicture extends InvalidArgumentException implements Refusal
{
    private function __construct(
        private readonly Finding $finding,
        /** The first word of its path in the scenario format; null: no field alone is to blame. */
        public readonly ?string $field = null,
    ) {
        parent::__construct($finding->code);
    }

    public function finding(): Finding
    {
        return $this->finding;
    }

    public static function becauseAValueIsOutOfBounds(string $value, float $least, float $most): self
    {
        return new self(Finding::of('species.out_of_bounds', value: $value, least: Number::of($least), most: Number::of($most)), explode('.', $value)[0]);
    }

    public static function becauseAWeightIsNoShare(string $species, float $weight): self
    {
        return new self(Finding::of('fish.weight_is_no_share', species: $species, weight: Number::of($weight)), 'candidates');
    }

    public static function becauseALowIsAboveItsHigh(string $value): self
    {
        return new self(Finding::of('species.low_above_high', value: $value), explode('.', $value)[0]);
    }

    public static function becauseARangeIsTooNarrowOrTooWide(string $what, float $narrowest, float $widest): self
    {
        return new self(Finding::of('species.too_narrow_or_too_wide', value: $what, narrowest: Number::of($narrowest), widest: Number::of($widest)), $what);
    }

    public static function becauseARangeIsOutOfOrder(string $what): self
    {
        return new self(Finding::of('species.out_of_order', value: $what), $what);
    }

    public static function becauseCardinalTemperaturesAreOutOfOrder(string $species): self
    {
        return new self(Finding::of('species.temperatures_out_of_order', species: $species), 'temperature_c');
    }

    public static function becauseCardinalTemperaturesAreSingular(string $species, float $leastBest): self
    {
        return new self(Finding::of('species.best_too_low', species: $species, least: Temperature::ofCelsius($leastBest)), 'temperature_c');
    }

    public static function becauseTheReferenceIsTooCold(string $species): self
    {
        return new self(Finding::of('species.reference_too_cold', species: $species), 'temperature_c');
    }

    /** @param  list<string>  $methods */
    public static function becauseNoMethodAnswers(string $option, string $answer, array $methods): self
    {
        return new self(Finding::of('rulebook.no_such_method', option: $option, answer: $answer, methods: implode(', ', $methods)));
    }

    public static function becauseAParameterIsOutOfRange(string $parameter, float $least, float $most): self
    {
        return new self(Finding::of('rulebook.out_of_range', parameter: $parameter, least: Number::of($least), most: Number::of($most)));
    }

    public static function becauseTheGlassLeavesNoRoom(): self
    {
        return new self(Finding::of('system.no_room_inside_the_glass'));
    }

    public static function becauseTheOutlineCrossesItself(): self
    {
        return new self(Finding::of('system.outline_crosses_itself'));
    }

    public static function becauseTheLightsAreOutOfOrder(): self
    {
        return new self(Finding::of('system.lights_out_of_order'));
    }

    public static function becauseTheDividerStandsOutside(float $lengthMm): self
    {
        return new self(Finding::of('system.divider_outside', apart: Length::ofMillimetres($lengthMm)));
    }

    public static function becauseTheDividerNamesNoPool(string $pool): self
    {
        return new self(Finding::of('system.divider_without_pool', pool: $pool));
    }

    public static function becauseDecorFillsTheWater(): self
    {
        return new self(Finding::of('system.decor_fills_the_water'));
    }

    public static function becauseDecorFillsTheFloor(): self
    {
        return new self(Finding::of('system.decor_fills_the_floor'));
    }

    public static function becauseTheOutlineHasNoArea(): self
    {
        return new self(Finding::of('system.outline_without_area'));
    }

    public static function becauseAnOutlineIsMeasuredInside(): self
    {
        return new self(Finding::of('system.outline_measured_inside'));
    }

    public static function becauseTheFishNamesAnUnknownSystem(string $fish, string $key): self
    {
        return new self(Finding::of('fish.unknown_system', fish: $fish, key: $key));
    }
}
