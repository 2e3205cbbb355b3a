<?php

declare(strict_types=1);

namespace Biomegas\Housing;

use Biomegas\Facility\Rulebook;
use Biomegas\Facility\RuleParameter;
use Biomegas\Facility\Species;
use Biomegas\Housing\Size\FootprintLimit;
use Biomegas\Measure\Spoken;

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
    public function asChange(SizeRule $binding, Spoken $spoken): string
    {
        return match ($binding) {
            SizeRule::SwimLength => "A straight run of {$spoken->length($this->swimLength)} would hold it.",
            SizeRule::TurningWidth => "{$spoken->length($this->turningWidth)} from front to back would hold it.",
            SizeRule::Depth => 'Water '.$spoken->length($this->depth ?? 0.0).' deep would hold it.',
            SizeRule::LeastHome => "A home of {$spoken->sides($this->swimLength, $this->turningWidth)} inside would hold it.",
            SizeRule::Litres => $spoken->litres($this->litres ?? 0.0).' would hold it.',
        };
    }
}
