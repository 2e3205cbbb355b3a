<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Facility\Description\ImpossiblePicture;

/** What a species wants of its home besides room to swim and turn. */
final readonly class HousingNeeds
{
    /** Depth over length of a usual body. Common practice, no published source. */
    public const USUAL_BODY_DEPTH = 0.3;

    /** @throws ImpossiblePicture */
    public function __construct(
        public int $minimumGroup = 1,
        /** Lives with its own species alone. */
        public bool $isSpeciesOnly = false,
        /** Null: none are known. */
        public ?LitresNeed $litres = null,
        /** Null: none is claimed. */
        public ?LeastHome $leastHome = null,
        /** @var list<Fitting> */
        public array $fittings = [],
        public Salinity $salinity = Salinity::Fresh,
        /** Null: not known. */
        public ?Span $ph = null,
        /** General hardness in °dH; null: not known. */
        public ?Span $hardness = null,
        /** Depth of the body over its length; null: not known. */
        public ?float $bodyDepthRatio = null,
        /** A single one or a pair is as well off as a group. */
        public bool $mayLiveAlone = false,
        /** @var list<Way> */
        public array $ways = [],
    ) {
        SpeciesValue::MinimumGroup->check($minimumGroup);
        SpeciesValue::Ph->checkSpan($ph);
        SpeciesValue::Hardness->checkSpan($hardness);
        SpeciesValue::BodyDepthRatio->check($bodyDepthRatio);
    }

    /** @return list<Fitting> what its home must have, for what it is and for what it does */
    public function allFittings(): array
    {
        $forWays = array_filter(array_map(fn (Way $way): ?Fitting => $way->wants(), $this->ways));
        $open = array_filter($forWays, fn (Fitting $wanted): bool => array_filter($this->fittings, fn (Fitting $need): bool => $need->serves($wanted)) === []);

        return [...$this->fittings, ...array_values($open)];
    }

    /** Depth over length; a usual body's where the species does not say. */
    public function bodyDepth(): float
    {
        return $this->bodyDepthRatio ?? self::USUAL_BODY_DEPTH;
    }
}
