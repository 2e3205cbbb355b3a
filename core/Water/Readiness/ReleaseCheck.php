<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Finding\Finding;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterTest;
use Biomegas\Water\Test\WaterValue;

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
     * @return list<Finding> one for each thing that is missing or not right
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
            fn (Quantity $quantity): bool => $value($quantity) === null,
        ));
        $figure = fn (Quantity $quantity): WaterValue => WaterValue::of($quantity, $value($quantity) ?? 0.0);

        return array_values(array_filter([
            $missing === [] ? null : Finding::of('release.not_measured', quantities: $missing),
            $value(Quantity::Ammonia) > self::NONE ? Finding::of('release.should_be_none', quantity: Quantity::Ammonia, there: $figure(Quantity::Ammonia)) : null,
            $value(Quantity::Nitrite) > self::NONE ? Finding::of('release.should_be_none', quantity: Quantity::Nitrite, there: $figure(Quantity::Nitrite)) : null,
            $value(Quantity::CarbonateHardness) !== null && $value(Quantity::CarbonateHardness) < self::LEAST_CARBONATE ? Finding::of('release.carbonate', there: $figure(Quantity::CarbonateHardness)) : null,
            self::copper($figure(Quantity::Copper)),
            $value(Quantity::Chlorine) >= self::CHLORINE ? Finding::of('release.chlorine', there: $figure(Quantity::Chlorine)) : null,
        ]));
    }

    private static function copper(WaterValue $copper): ?Finding
    {
        return match (true) {
            $copper->value >= self::COPPER_HARMS => Finding::of('release.copper_harms', there: $copper),
            $copper->value >= self::COPPER => Finding::of('release.copper', there: $copper),
            default => null,
        };
    }
}
