<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Facility\Description\ImpossiblePicture;

/** Mass from length: W = a L^b, with L in centimetres and W in grams. */
final readonly class LengthWeight
{
    private const MM_PER_CM = 10.0;

    /** @throws ImpossiblePicture */
    public function __construct(
        public float $a,
        public float $b,
    ) {
        SpeciesValue::WeightFactor->check($a);
        SpeciesValue::WeightExponent->check($b);
    }

    /** Between slender and deep bodies: 0.015 L^3. Judgement, no published source. */
    public static function ofUsualBuild(): self
    {
        return new self(0.015, 3.0);
    }

    /** Grams of one fish of this length in millimetres. */
    public function grams(float $millimetres): float
    {
        return $this->a * ($millimetres / self::MM_PER_CM) ** $this->b;
    }
}
