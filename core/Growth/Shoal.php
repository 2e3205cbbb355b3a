<?php

declare(strict_types=1);

namespace Biomegas\Growth;

use Biomegas\Facility\Fish;
use Biomegas\Numerics\StandardNormal;

/**
 * How far the largest and the smallest of a shoal are from its mean: the
 * largest outgrows the home first, the smallest is swallowed first. Lengths of
 * one brood are taken to be log-normal about their mean.
 */
final readonly class Shoal
{
    /** Standard deviation of the logarithm while no sample has shown it. From memory, no published source. */
    private const USUAL_SPREAD = 0.08;

    private function __construct(
        /** Length of the largest over the mean; 1 for a single fish. */
        public float $largest,
        /** Length of the smallest over the mean. */
        public float $smallest,
    ) {
    }

    public static function of(Fish $fish): self
    {
        if (! $fish->isShoal()) {
            return new self(1.0, 1.0);
        }
        $reach = self::spreadOf($fish) * self::expectedExtreme($fish->count);

        return new self(exp($reach), exp(-$reach));
    }

    private static function spreadOf(Fish $fish): float
    {
        foreach (array_reverse($fish->lengths) as $sample) {
            if ($sample->sample > 1 && $sample->spreadMm !== null) {
                return $sample->spreadMm / $sample->length->millimetres();
            }
        }

        return self::USUAL_SPREAD;
    }

    /** Of the largest of n standard normals: Blom (1958), Statistical Estimates and Transformed Beta-Variables. */
    private static function expectedExtreme(int $n): float
    {
        return StandardNormal::quantile(($n - 0.375) / ($n + 0.25));
    }
}
