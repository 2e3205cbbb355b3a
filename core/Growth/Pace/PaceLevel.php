<?php

declare(strict_types=1);

namespace Biomegas\Growth\Pace;

/** One way in which animals of a kind may depart from their curve, and their lengths from the truth. */
final readonly class PaceLevel
{
    public function __construct(
        /** How far an animal runs ahead of its curve or behind it at a time: standard deviation of its pace about one. */
        public float $spread,
        /** Factor on the error that the method of a length states. */
        public float $errorFactor,
        /** Relative error that comes on top: an animal that is thin or full, curled or stretched. */
        public float $extraError,
    ) {
    }

    /** Variance of the logarithm of one good length. */
    public function lengthVariance(float $methodError): float
    {
        return ($this->errorFactor * $methodError) ** 2 + $this->extraError ** 2;
    }
}
