<?php

declare(strict_types=1);

namespace Biomegas\Measure;

use Biomegas\Finding\CarriesFinding;
use Biomegas\Finding\Finding;
use Biomegas\Finding\Refusal;
use InvalidArgumentException;

/** What was typed is no volume. */
final class UnreadableVolume extends InvalidArgumentException implements Refusal
{
    use CarriesFinding;

    public static function of(string $typed): self
    {
        return new self(Finding::of('measure.volume.unreadable', typed: $typed));
    }

    public static function becauseTheUnitIsUnknown(string $unit): self
    {
        return new self(Finding::of('measure.volume.unknown_unit', unit: $unit));
    }
}
