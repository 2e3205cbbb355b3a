<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Refusal;
use InvalidArgumentException;

/** What was typed is no volume. */
final class UnreadableVolume extends InvalidArgumentException implements Refusal
{
    public static function of(string $typed): self
    {
        return new self("\"{$typed}\" is not a volume. Type a number with or without a unit, for example 200 l or 75 gal.");
    }

    public static function becauseTheUnitIsUnknown(string $unit): self
    {
        return new self("The unit \"{$unit}\" is not known. Use l, m3, gal or imp gal.");
    }
}
