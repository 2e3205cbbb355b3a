<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Facility\Description\ImpossiblePicture;
use Biomegas\Rulebook\HomeMethod;

/** Litres that adults of a species are said to need, for a group and for each one more, by school. */
final readonly class LitresNeed
{
    /** @throws ImpossiblePicture */
    public function __construct(
        /** The group that the litres are for. */
        public int $for,
        public float $lean,
        public float $usual,
        public float $generous,
        public float $eachMore,
    ) {
        SpeciesValue::LitresFor->check($for);
        SpeciesValue::LitresLean->check($lean);
        SpeciesValue::LitresUsual->check($usual);
        SpeciesValue::LitresGenerous->check($generous);
        SpeciesValue::LitresEachMore->check($eachMore);
    }

    /** Litres for so many adults; fewer than the group need as much as the group. */
    public function litresFor(int $count, HomeMethod $school): float
    {
        $group = match ($school) {
            HomeMethod::LitresLean => $this->lean,
            HomeMethod::LitresGenerous => $this->generous,
            default => $this->usual,
        };

        return $group + max(0, $count - $this->for) * $this->eachMore;
    }
}
