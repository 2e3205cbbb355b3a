<?php

declare(strict_types=1);

namespace Biomegas\Housing\Size;

use Biomegas\Facility\Species;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Length;
use Biomegas\Measure\Sides;
use Biomegas\Measure\Volume;
use Biomegas\Rulebook\Rulebook;

/** The least home, by its inside sizes in millimetres, that holds a fish of this length. */
final readonly class NearestHome
{
    public function __construct(
        public float $swimLength = 0.0,
        public float $turningWidth = 0.0,
        /** Null: the body is not tall. */
        public ?float $depth = null,
        /** Null: litres are not asked for, or not known. */
        public ?float $litres = null,
    ) {
    }

    /** What all rules of size together ask for. */
    public static function for(Species $species, float $length, Rulebook $rulebook): self
    {
        return array_reduce(
            HomeLimits::rules(),
            fn (self $home, SizeLimit $rule): self => $home->with($rule->homeFor($species, $length, $rulebook)),
            new self,
        );
    }

    /** Large enough for both. */
    private function with(self $other): self
    {
        $larger = fn (?float $a, ?float $b): ?float => $a === null || $b === null ? $a ?? $b : max($a, $b);

        return new self(
            max($this->swimLength, $other->swimLength), max($this->turningWidth, $other->turningWidth),
            $larger($this->depth, $other->depth), $larger($this->litres, $other->litres),
        );
    }

    /** The one size that would have to change for this rule. */
    public function asChange(SizeRule $binding): Finding
    {
        return match ($binding) {
            SizeRule::SwimLength => Finding::of('housing.size.longer_run', length: Length::ofMillimetres($this->swimLength)),
            SizeRule::TurningWidth => Finding::of('housing.size.wider', width: Length::ofMillimetres($this->turningWidth)),
            SizeRule::Depth => $this->depth === null ? Finding::of('housing.size.deeper') : Finding::of('housing.size.deep', depth: Length::ofMillimetres($this->depth)),
            SizeRule::LeastHome => Finding::of('housing.size.larger', sides: Sides::ofMillimetres($this->swimLength, $this->turningWidth)),
            SizeRule::Litres => $this->litres === null ? Finding::of('housing.size.more_water') : Finding::of('housing.size.litres', litres: Volume::ofLitres($this->litres)),
        };
    }
}
