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
     * The same for many possible growths at once, each at its own growth time:
     * most of a projection is spent here.
     *
     * @param  list<float>  $starts
     * @param  list<float>  $asymptotes
     * @param  list<float>  $coefficients
     * @param  list<float>  $times
     * @return list<float>
     */
    public function lengthsAt(array $starts, array $asymptotes, array $coefficients, array $times): array;

    /**
     * The growth time at which each possible growth reaches the length: 0 when
     * it starts there or above, infinite when it never does.
     *
     * @param  list<float>  $starts
     * @param  list<float>  $asymptotes
     * @param  list<float>  $coefficients
     * @return list<float>
     */
    public function timesUntil(float $length, array $starts, array $asymptotes, array $coefficients): array;

    /**
     * Derivatives of the logarithm of the length by the logarithms of
     * asymptote, coefficient and start, in this order.
     *
     * @return array{float, float, float}
     */
    public function logJacobian(float $start, float $asymptote, float $coefficient, float $time): array;

    /**
     * Relative growth per year of growth time at these lengths: d ln L / dt.
     *
     * @param  list<float>  $lengths
     * @param  list<float>  $asymptotes
     * @param  list<float>  $coefficients
     * @return list<float>
     */
    public function relativeGrowths(array $lengths, array $asymptotes, array $coefficients): array;
}
