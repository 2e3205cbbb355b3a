<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Facility\Description\ImpossiblePicture;

/** What a fish is: its adult size, its pace of growth and the room it needs. */
final readonly class Species
{
    /** How surely an adult size is meant that somebody states, as a spread of its logarithm. Judgement, no published source. */
    private const STATED_SPREAD = 0.07;

    /** @throws ImpossiblePicture when a value is beyond every animal */
    public function __construct(
        public string $key,
        public string $commonName,
        public string $scientificName,
        /** Millimetres, of the length kind below. */
        public Range $adultLength,
        /** Per year, at the reference temperature. */
        public Range $growthCoefficient,
        public SwimmingStyle $swimming,
        public LengthKind $lengthKind = LengthKind::Total,
        public CurveName $curve = CurveName::VonBertalanffy,
        /** Null: its growth is not known to depend on temperature. */
        public ?CardinalTemperatures $cardinalTemperatures = null,
        /** Water temperatures in °C in which it may be kept, wider or narrower than its growth points; null: not known. */
        public ?Span $keepingRange = null,
        public WaterLayer $layer = WaterLayer::All,
        /** Water depth it needs in body lengths; null for bodies that are not tall. */
        public ?float $tallRatio = null,
        /** @var list<AdultSizeClaim> */
        public array $claims = [],
        /** Null: not known. */
        public ?LengthWeight $lengthWeight = null,
        public HousingNeeds $needs = new HousingNeeds,
        public Habits $habits = new Habits,
        /** @var list<string> keys of kinds that look like it: they may take each other for rivals */
        public array $lookAlikes = [],
        /** Its kind as it is known, where somebody states another adult length for one of them; null: this is it. */
        public ?self $kind = null,
    ) {
        SpeciesValue::AdultLength->check($adultLength->low, $adultLength->high);
        SpeciesValue::GrowthCoefficient->check($growthCoefficient->low, $growthCoefficient->high);
        SpeciesValue::KeepingTemperature->checkSpan($keepingRange);
        SpeciesValue::TallRatio->check($tallRatio);
    }

    /**
     * Adult length in millimetres for which its litres and its least home are
     * claimed: one that becomes longer than its kind needs no less room on the way.
     */
    public function roomClaimedAt(): float
    {
        return ($this->kind ?? $this)->adultLength->typical;
    }

    /**
     * The same species with an adult length that somebody states, all claims set
     * aside. A key of its own keeps its kin from arguing.
     */
    public function ofStatedAdultLength(float $millimetres): self
    {
        return new self(
            "{$this->key}/stated", $this->commonName, $this->scientificName,
            Range::about($millimetres, self::STATED_SPREAD), $this->growthCoefficient,
            $this->swimming, $this->lengthKind, $this->curve, $this->cardinalTemperatures, $this->keepingRange, $this->layer,
            $this->tallRatio, [], $this->lengthWeight, $this->needs, $this->habits, $this->lookAlikes, $this->kind ?? $this,
        );
    }
}
