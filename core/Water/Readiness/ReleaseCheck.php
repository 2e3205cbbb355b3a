<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterTest;

/**
 * What the last test before release should show: ammonia and nitrite none,
 * carbonate hardness about 5 °dH, no copper or chlorine that harms. Common
 * practice, no published source.
 */
final readonly class ReleaseCheck
{
    /** What a test kit cannot tell from none, mg/l. */
    private const NONE = 0.1;

    private const LEAST_CARBONATE = 4.5;

    private const COPPER = 0.03;

    private const COPPER_HARMS = 0.2;

    private const CHLORINE = 0.02;

    /**
     * @param  list<WaterTest>  $tests  since it was filled, by date
     * @return list<string> a sentence for each thing that is missing or not right
     */
    public static function findings(array $tests): array
    {
        $last = [];
        foreach ($tests as $test) {
            $last = [...$last, ...$test->values];
        }
        $value = fn (Quantity $quantity): ?float => $last[$quantity->value] ?? null;
        $missing = array_values(array_filter(
            [Quantity::Ammonia, Quantity::Nitrite, Quantity::CarbonateHardness],
            fn (Quantity $one): bool => $value($one) === null,
        ));
        $said = fn (Quantity $quantity): string => $quantity->said($value($quantity) ?? 0.0);

        return array_values(array_filter([
            $missing === [] ? null : 'Not measured yet: '.implode(', ', array_map(fn (Quantity $one): string => $one->words(), $missing)).'.',
            $value(Quantity::Ammonia) > self::NONE ? "Ammonia is {$said(Quantity::Ammonia)}; it should be none." : null,
            $value(Quantity::Nitrite) > self::NONE ? "Nitrite is {$said(Quantity::Nitrite)}; it should be none." : null,
            $value(Quantity::CarbonateHardness) !== null && $value(Quantity::CarbonateHardness) < self::LEAST_CARBONATE ? "Carbonate hardness is {$said(Quantity::CarbonateHardness)}; about 5 °dH is wanted." : null,
            self::copper($value(Quantity::Copper) ?? 0.0, $said(Quantity::Copper)),
            $value(Quantity::Chlorine) >= self::CHLORINE ? "Chlorine is {$said(Quantity::Chlorine)}: take it out first." : null,
        ]));
    }

    private static function copper(float $copper, string $said): ?string
    {
        return match (true) {
            $copper >= self::COPPER_HARMS => "Copper is {$said}: too much for any fish.",
            $copper >= self::COPPER => "Copper is {$said}: not for rays or invertebrates.",
            default => null,
        };
    }
}
