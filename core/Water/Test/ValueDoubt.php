<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

/** A value that is possible but not plausible: asked about before it is kept. */
final readonly class ValueDoubt
{
    private const CARBONATE_PER_DEGREE = 17.85;

    /** The question; null when the value is plausible. */
    public static function about(Quantity $quantity, float $value): ?string
    {
        [$low, $high] = $quantity->plausible();
        if ($value >= $low && $value <= $high) {
            return null;
        }
        $said = $quantity->said($value);

        return self::slipOfUnit($quantity, $value) ?? ucfirst("{$quantity->words()} of {$said} is hardly ever seen in water with fish. Is it right?");
    }

    private static function slipOfUnit(Quantity $quantity, float $value): ?string
    {
        $hardness = $quantity->said($value / self::CARBONATE_PER_DEGREE);
        $fahrenheit = $quantity->said(($value - 32) * 5 / 9);

        return match (true) {
            $quantity === Quantity::Temperature && $value >= 45.0 && $value <= 100.0 => "{$value} °C would scald a fish. Did you mean {$value} °F, that is {$fahrenheit}?",
            $quantity === Quantity::CarbonateHardness || $quantity === Quantity::GeneralHardness => "{$quantity->said($value)} is harder than sea water. Did you mean {$value} ppm as calcium carbonate, that is {$hardness}?",
            $quantity === Quantity::Oxygen && $value > 20.0 => "Water cannot hold {$quantity->said($value)}. Did you mean {$value} % of saturation? Type mg/l.",
            default => null,
        };
    }
}
