<?php

declare(strict_types=1);

namespace Biomegas\Growth\LeastSquares;

use Biomegas\Finding\CarriesFinding;
use Biomegas\Finding\Finding;
use Biomegas\Finding\Refusal;
use RuntimeException;

/** No growth curve can be told from these lengths. */
final class CurveFitFailed extends RuntimeException implements Refusal
{
    use CarriesFinding;

    public static function becauseTooFewLengths(int $given, int $needed): self
    {
        return new self(Finding::of('growth.fit.too_few', given: $given, needed: $needed));
    }

    public static function becauseAValueIsNotUsable(int $number): self
    {
        return new self(Finding::of('growth.fit.not_usable', number: $number));
    }

    public static function becauseTheLengthsDoNotLevelOff(): self
    {
        return new self(Finding::of('growth.fit.not_level'));
    }

    public static function becauseTheStartIsNotUsable(): self
    {
        return new self(Finding::of('growth.fit.bad_start'));
    }
}
