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

    /**
     * What a whole group of such length asks for: each must have its room, and all of them floor and water.
     *
     * @param  float  $length  of the longest, millimetres
     */
    public static function forGroup(Species $species, float $length, int $count, Rulebook $rulebook): self
    {
        $single = self::for($species, $length, $rulebook);
        $floor = $count * $rulebook->number(RuleParameter::FloorRoomy) * min($length, $species->adultLength->typical) ** 2;
        $stretch = sqrt(max(1.0, $floor / max(1.0, $single->swimLength * $single->turningWidth)));
        $litres = $species->needs->litres;

        return new self(
            $stretch * $single->swimLength, $stretch * $single->turningWidth, $single->depth,
            $single->litres === null || $litres === null ? $single->litres
                : $single->litres * $litres->litresFor($count, $rulebook->home()) / $litres->litresFor($litres->for, $rulebook->home()),
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

    /** What would hold so many of them. */
    public function asChange(SizeRule $binding, int $count): Finding
    {
        return match (true) {
            $binding === SizeRule::Depth && $this->depth !== null => Finding::of('housing.size.deep', count: $count, depth: Length::ofMillimetres($this->depth)),
            $binding === SizeRule::Litres && $this->litres !== null => Finding::of('housing.size.litres', count: $count, litres: Volume::ofLitres($this->litres)),
            default => Finding::of('housing.size.larger', count: $count, sides: Sides::ofMillimetres($this->swimLength, $this->turningWidth)),
        };
    }
}
