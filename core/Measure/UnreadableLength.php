<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Finding\CarriesFinding;
use Biomegas\Finding\Finding;
use Biomegas\Finding\Refusal;
use InvalidArgumentException;

/** What was typed cannot be the length of a fish. */
final class UnreadableLength extends InvalidArgumentException implements Refusal
{
    use CarriesFinding;

    public static function becauseNothingWasTyped(): self
    {
        return new self(Finding::of('measure.length.nothing'));
    }

    public static function becauseItIsNoLength(string $text): self
    {
        return new self(Finding::of('measure.length.unreadable', typed: $text));
    }

    public static function becauseTheUnitIsUnknown(string $unit): self
    {
        return new self(Finding::of('measure.length.unknown_unit', unit: $unit));
    }

    public static function becauseItIsNotPositive(): self
    {
        return new self(Finding::of('measure.length.not_positive'));
    }

    public static function becauseNoFishIsThatSmall(Length $length): self
    {
        return new self(Finding::of('measure.length.too_small', length: $length));
    }

    public static function becauseNoFishIsThatLong(Length $length): self
    {
        return new self(Finding::of('measure.length.too_long', length: $length));
    }
}
