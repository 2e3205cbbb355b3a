<?php

declare(strict_types=1);

namespace Biomegas\Growth\Curve;

/**
 * A growth curve in its entry form: it starts from a known length, so that no
 * birth date is needed. Adding a curve is adding one class here and its name in
 * GrowthCurves.
 *
 * Lengths in any one unit; the coefficient is per year and growth time in
 * years, zero at the start length. An asymptote below the start is a fish that
 * is full grown: its length stays as it is.
 */
interface GrowthCurve
{
    public function lengthAt(float $start, float $asymptote, float $coefficient, float $time): float;

    /**
     * The same at many growth times at once: most of a projection is spent here.
     *
     * @param  list<float>  $times
     * @return list<float>
     */
    public function lengthsAt(float $start, float $asymptote, float $coefficient, array $times): array;

    /**
     * Derivatives of the logarithm of the length by the logarithms of
     * asymptote, coefficient and start, in this order.
     *
     * @return array{float, float, float}
     */
    public function logJacobian(float $start, float $asymptote, float $coefficient, float $time): array;

    /** Relative growth per year of growth time at this length: d ln L / dt. */
    public function relativeGrowth(float $length, float $asymptote, float $coefficient): float;
}
