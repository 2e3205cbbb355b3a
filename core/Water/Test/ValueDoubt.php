<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

use Biomegas\Finding\Finding;
use Biomegas\Measure\Number;

/** A value that is possible but not plausible: asked about before it is kept. */
final readonly class ValueDoubt
{
    private const CARBONATE_PER_DEGREE = 17.85;

    /** The question; null when the value is plausible. */
    public static function about(Quantity $quantity, float $value): ?Finding
    {
        [$low, $high] = $quantity->plausible();
        if ($value >= $low && $value <= $high) {
            return null;
        }
        $typed = WaterValue::of($quantity, $value);
        $number = Number::of($value);

        return match (true) {
            $quantity === Quantity::Temperature && $value >= 45.0 && $value <= 100.0 => Finding::of('doubt.fahrenheit', number: $number, meant: WaterValue::of($quantity, ($value - 32) * 5 / 9)),
            $quantity === Quantity::CarbonateHardness || $quantity === Quantity::GeneralHardness => Finding::of('doubt.ppm', typed: $typed, number: $number, meant: WaterValue::of($quantity, $value / self::CARBONATE_PER_DEGREE)),
            $quantity === Quantity::Oxygen && $value > 20.0 => Finding::of('doubt.saturation', typed: $typed, number: $number),
            default => Finding::of('doubt.hardly_seen', quantity: $quantity, typed: $typed),
        };
    }
}
