<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Refusal;
use InvalidArgumentException;

/** What was typed cannot be the length of a fish. */
final class UnreadableLength extends InvalidArgumentException implements Refusal
{
    public static function becauseNothingWasTyped(): self
    {
        return new self('Type a length, for example 24 cm or 9 1/2".');
    }

    public static function becauseItIsNoLength(string $text): self
    {
        return new self("\"{$text}\" is not a length. Type a number with or without a unit, for example 24 cm, 240 mm or 9 1/2\".");
    }

    public static function becauseTheUnitIsUnknown(string $unit): self
    {
        return new self("The unit \"{$unit}\" is not known. Use mm, cm, m, in or ft.");
    }

    public static function becauseItIsNotPositive(): self
    {
        return new self('A length must be more than zero.');
    }

    public static function becauseNoFishIsThatSmall(Length $length): self
    {
        return new self("{$length->format(LengthUnit::Millimetre, 2)} is too small for a fish. Check the unit.");
    }

    public static function becauseNoFishIsThatLong(Length $length): self
    {
        return new self("{$length->format(LengthUnit::Metre)} is longer than any fish that is kept. Check the unit.");
    }
}
