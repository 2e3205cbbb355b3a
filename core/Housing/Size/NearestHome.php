<?php

declare(strict_types=1);

namespace Biomegas\Housing\Size;

use Biomegas\Facility\Species;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Length;
use Biomegas\Measure\Sides;
use Biomegas\Measure\Volume;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;

/** The least home, by its inside sizes in millimetres, that holds a fish of this length. */
final readonly class NearestHome
{
    private function __construct(
        public float $swimLength,
        public float $turningWidth,
        /** Null: the body is not tall. */
        public ?float $depth,
        /** Null: litres are not asked for, or not known. */
        public ?float $litres,
    ) {
    }

    public static function for(Species $species, float $length, Rulebook $rulebook): self
    {
        $claim = $species->needs->leastHome;
        $share = min(1.0, $length / $species->adultLength->typical);
        $need = $rulebook->home()->asksForLitres() ? $species->needs->litres : null;

        return new self(
            max($rulebook->number($species->swimming->swimLengths()) * $length, $share * ($claim->lengthMm ?? 0.0)),
            max($rulebook->number(FootprintLimit::turningLengths($species)) * $length, $share * ($claim->widthMm ?? 0.0)),
            $species->tallRatio === null ? null : $species->tallRatio * $length,
            $need === null ? null : $need->litresFor($need->for, $rulebook->home()) * ($length / $species->adultLength->typical) ** $rulebook->number(RuleParameter::LitresExponent),
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
