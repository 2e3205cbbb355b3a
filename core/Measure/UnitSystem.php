<?php

declare(strict_types=1);

namespace Biomegas\Measure;

/** How a facility likes its measures shown, and what a bare number means. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Us = 'us';
    case Imperial = 'imperial';

    public function lengthUnit(): LengthUnit
    {
        return $this === self::Metric ? LengthUnit::Centimetre : LengthUnit::Inch;
    }

    /** Whose lengths are shown on hover beside the facility's own. */
    public function other(): self
    {
        return $this === self::Metric ? self::Imperial : self::Metric;
    }

    /** Of what a bare number of mass is: the pound is 0.45359237 kg by definition. */
    public function kilograms(): float
    {
        return $this === self::Us ? 0.45359237 : 1.0;
    }

    public function volumeUnit(): VolumeUnit
    {
        return match ($this) {
            self::Metric => VolumeUnit::Litre,
            self::Us => VolumeUnit::UsGallon,
            self::Imperial => VolumeUnit::ImperialGallon,
        };
    }
}
