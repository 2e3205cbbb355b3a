<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Numerics\Cholesky;

/** A probable growth of a fish and how sharply the data mark it. */
final readonly class Peak
{
    /** @param  array{float, float, float}  $logParameters logarithms of asymptote, coefficient and start length */
    public function __construct(
        public array $logParameters,
        /** Root of the inverse covariance there. */
        public Cholesky $precision,
    ) {
    }

    /**
     * @param  array{float, float, float}  $logParameters
     * @param  array<int, array<int, float>>  $covariance
     * @return self|null null when it has no breadth
     */
    public static function normal(array $logParameters, array $covariance): ?self
    {
        $precision = Cholesky::ofInverse($covariance);

        return $precision === null ? null : new self($logParameters, $precision);
    }

    /**
     * Squared distance in standard deviations of this peak.
     *
     * @param  array{float, float, float}  $logParameters
     */
    public function squaredDistance(array $logParameters): float
    {
        [$a, $k, $l] = array_map(fn (float $to, float $from): float => $to - $from, $logParameters, $this->logParameters);
        $root = $this->precision->root;

        return ($root[0][0] * $a + $root[1][0] * $k + $root[2][0] * $l) ** 2
            + ($root[1][1] * $k + $root[2][1] * $l) ** 2
            + ($root[2][2] * $l) ** 2;
    }
}
