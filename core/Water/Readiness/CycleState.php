<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterTest;

/**
 * How far a filter has run in, judged from the tests since it was filled. It is
 * ready when ammonia and nitrite were none on two days running while it was
 * fed, and nitrate has risen. Common practice, no published source.
 */
enum CycleState: string
{
    case NotTested = 'not-tested';
    case AmmoniaPhase = 'ammonia-phase';
    case NitritePhase = 'nitrite-phase';
    case NotFed = 'not-fed';
    case OnceMore = 'once-more';
    case Ready = 'ready';

    /** What a test kit cannot tell from none, mg/l. */
    private const NONE = 0.1;

    /** Two zeros further apart than this are not running. */
    private const RUNNING_DAYS = 3;

    /** @param  list<WaterTest>  $tests  since it was filled, by date */
    public static function judge(array $tests): self
    {
        $full = array_values(array_filter($tests, fn (WaterTest $test): bool => $test->value(Quantity::Ammonia) !== null && $test->value(Quantity::Nitrite) !== null));
        if ($full === []) {
            return self::NotTested;
        }
        $last = $full[count($full) - 1];
        if ($last->value(Quantity::Ammonia) > self::NONE) {
            return self::AmmoniaPhase;
        }
        if ($last->value(Quantity::Nitrite) > self::NONE) {
            return self::NitritePhase;
        }
        if (! self::nitrateRose($tests)) {
            return self::NotFed;
        }
        foreach (array_reverse($full) as $test) {
            $isEarlierDay = $test->date->isBefore($last->date) && $test->date->daysUntil($last->date) <= self::RUNNING_DAYS;
            if ($isEarlierDay) {
                return self::isClear($test) ? self::Ready : self::OnceMore;
            }
        }

        return self::OnceMore;
    }

    private static function isClear(WaterTest $test): bool
    {
        return $test->value(Quantity::Ammonia) <= self::NONE && $test->value(Quantity::Nitrite) <= self::NONE;
    }

    /** @param  list<WaterTest>  $tests */
    private static function nitrateRose(array $tests): bool
    {
        $nitrate = array_values(array_filter(array_map(fn (WaterTest $test): ?float => $test->value(Quantity::Nitrate), $tests), fn (?float $test): bool => $test !== null));

        return count($nitrate) >= 2 && max($nitrate) > $nitrate[0];
    }
}
