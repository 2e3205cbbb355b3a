<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Facility\Species;

/** What is known of a fish from its kind alone: independent normals of the logarithms. */
final readonly class GrowthPrior
{
    /** A juvenile that was never measured is taken to be about this share of its adult length. */
    private const UNMEASURED_START_SHARE = 0.12;

    private const UNMEASURED_START_SPREAD = 0.4;

    private function __construct(
        public float $logAsymptote,
        public float $logAsymptoteSpread,
        public float $logCoefficient,
        public float $logCoefficientSpread,
        public float $logStart,
        public float $logStartSpread,
    ) {
    }

    public static function ofSpecies(Species $species): self
    {
        return new self(
            log($species->adultLength->typical),
            $species->adultLength->logSpread(),
            log($species->growthCoefficient->typical),
            $species->growthCoefficient->logSpread(),
            log(self::UNMEASURED_START_SHARE * $species->adultLength->typical),
            self::UNMEASURED_START_SPREAD,
        );
    }
}
