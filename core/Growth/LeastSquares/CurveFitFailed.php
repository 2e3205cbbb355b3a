<?php

declare(strict_types=1);

namespace Biomegas\Growth\LeastSquares;

use Biomegas\Refusal;
use RuntimeException;

/** No growth curve can be told from these lengths. */
final class CurveFitFailed extends RuntimeException implements Refusal
{
    public static function becauseTooFewLengths(int $given, int $needed): self
    {
        return new self("A growth curve needs at least {$needed} lengths at different ages, and there are {$given}.");
    }

    public static function becauseAValueIsNotUsable(int $number): self
    {
        return new self("Length {$number}: age and length must be finite numbers of at most a thousand million, and the length above zero.");
    }

    public static function becauseTheLengthsDoNotLevelOff(): self
    {
        return new self('The lengths do not level off, so no adult length can be told from them. Measure over a longer time.');
    }

    public static function becauseTheStartIsNotUsable(): self
    {
        return new self('The start needs an asymptotic length above zero, a growth coefficient above zero and, unless it is fixed, an age; none beyond a thousand million.');
    }
}
