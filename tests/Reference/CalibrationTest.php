<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Bench\Calibration\Trial;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * The calibration of the projection: 500 invented fish drawn from the prior,
 * measured with the stated errors. The 10 to 90 % band of the length read by
 * hand a year after the last measurement must hold 75 to 88 % of them, and the
 * randomised probability transform of the outgrow date must lie in (0.1, 0.9)
 * for 75 to 88 %. So must the dates of the fish that have one: of which under
 * a tenth has outgrown already and under a tenth never does. Each fish is alone:
 * whether its pace keeps to its curve it must be told by itself, so that of fish
 * whose pace does, a little more lie in the band, and of those whose pace does
 * not, fewer. Sampling alone moves a share by 1.8 % (one standard deviation).
 */
final class CalibrationTest extends TestCase
{
    #[DataProvider('trials')]
    public function test_bands_hold_what_they_say(Trial $trial, float $low, float $high): void
    {
        $result = $trial->run();

        $this->assertGreaterThanOrEqual($low, $result->lengthInside, 'length');
        $this->assertLessThanOrEqual($high, $result->lengthInside, 'length');
        $this->assertGreaterThanOrEqual($low, $result->dateTransform, 'date');
        $this->assertLessThanOrEqual($high + 0.01, $result->dateTransform, 'date');
        $this->assertGreaterThanOrEqual($low, $result->dateInside ?? 0.0, 'date of those that have one');
        $this->assertLessThanOrEqual($high + 0.01, $result->dateInside ?? 1.0, 'date of those that have one');
    }

    /** @return iterable<string, array{Trial, float, float}> */
    public static function trials(): iterable
    {
        foreach ([0, 1, 2, 3, 6] as $lengths) {
            yield "{$lengths} lengths" => [new Trial($lengths), 0.75, 0.88];
        }
        yield '3 lengths in a pond with winters' => [new Trial(3, withSeasons: true), 0.75, 0.87];
        foreach ([2, 3, 6] as $lengths) {
            yield "{$lengths} lengths, 5 % gross errors" => [new Trial($lengths, slipShare: 0.05), 0.75, 0.87];
            yield "{$lengths} lengths, at a pace of its own" => [new Trial($lengths, spread: 0.2), 0.70, 0.87];
        }
    }
}
