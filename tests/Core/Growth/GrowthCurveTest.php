<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Facility\CurveName;
use Biomegas\Growth\Curve\GrowthCurve;
use Biomegas\Growth\Curve\GrowthCurves;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What every growth curve promises. */
final class GrowthCurveTest extends TestCase
{
    private const STEP = 1e-6;

    #[DataProvider('curves')]
    public function test_starts_at_the_start_and_ends_at_the_asymptote(GrowthCurve $curve): void
    {
        $this->assertEqualsWithDelta(80.0, $curve->lengthAt(80, 600, 0.5, 0), 1e-9);
        $this->assertEqualsWithDelta(600.0, $curve->lengthAt(80, 600, 0.5, 80), 1e-3);
    }

    #[DataProvider('curves')]
    public function test_never_shrinks(GrowthCurve $curve): void
    {
        $before = 0.0;
        for ($time = 0.0; $time < 20; $time += 0.1) {
            $length = $curve->lengthAt(80, 600, 0.5, $time);
            $this->assertGreaterThan($before, $length);
            $before = $length;
        }
        $this->assertSame(887.0, $curve->lengthAt(887, 648, 0.5, 3), 'a fish above its adult length keeps it');
    }

    #[DataProvider('curves')]
    public function test_many_at_once_are_the_same_as_one_by_one(GrowthCurve $curve): void
    {
        $each = [[80.0, 600.0, 0.5, 0.0], [80.0, 600.0, 0.5, 1.3], [700.0, 650.0, 0.9, 2.0], [40.0, 900.0, 0.2, 5.0]];
        $expected = array_map(fn (array $arguments): float => $curve->lengthAt(...$arguments), $each);

        $this->assertEqualsWithDelta($expected, $curve->lengthsAt(array_column($each, 0), array_column($each, 1), array_column($each, 2), array_column($each, 3)), 1e-9);
    }

    #[DataProvider('curves')]
    public function test_the_time_until_a_length_undoes_the_length_at_a_time(GrowthCurve $curve): void
    {
        [$far, $near, $there, $never] = $curve->timesUntil(450, [80.0, 440.0, 450.0, 80.0], [600.0, 500.0, 600.0, 450.0], [0.5, 1.1, 0.5, 0.5]);

        $this->assertEqualsWithDelta(450, $curve->lengthAt(80, 600, 0.5, $far), 0.01);
        $this->assertEqualsWithDelta(450, $curve->lengthAt(440, 500, 1.1, $near), 0.01);
        $this->assertSame([0.0, INF], [$there, $never]);
    }

    #[DataProvider('curves')]
    public function test_jacobian_agrees_with_finite_differences(GrowthCurve $curve): void
    {
        foreach ([[80, 600, 0.5, 0.7], [300, 650, 1.2, 2.4], [40, 900, 0.2, 5.0], [640, 650, 0.8, 0.1]] as [$start, $asymptote, $k, $time]) {
            $jacobian = $curve->logJacobian($start, $asymptote, $k, $time);
            $logs = [log($asymptote), log($k), log($start)];
            foreach ($logs as $i => $value) {
                [$up, $down] = [$logs, $logs];
                $up[$i] = $value + self::STEP;
                $down[$i] = $value - self::STEP;
                $length = fn (array $at): float => log($curve->lengthAt(exp($at[2]), exp($at[0]), exp($at[1]), $time));
                $this->assertEqualsWithDelta(($length($up) - $length($down)) / (2 * self::STEP), $jacobian[$i], 1e-7);
            }
        }
    }

    #[DataProvider('curves')]
    public function test_growth_of_a_grown_fish_is_zero(GrowthCurve $curve): void
    {
        $this->assertSame([0.0, 0.0, 1.0], $curve->logJacobian(700, 650, 0.5, 1));
        $this->assertSame([0.0], $curve->relativeGrowths([700.0], [650.0], [0.5]));
    }

    /** @return iterable<string, array{GrowthCurve}> */
    public static function curves(): iterable
    {
        foreach (CurveName::cases() as $name) {
            yield $name->value => [GrowthCurves::named($name)];
        }
    }

    #[DataProvider('simpleCurves')]
    public function test_relative_growth_is_the_slope_of_the_logarithm(GrowthCurve $curve): void
    {
        $length = $curve->lengthAt(80, 600, 0.5, 1.5);
        $slope = (log($curve->lengthAt(80, 600, 0.5, 1.5 + self::STEP)) - log($curve->lengthAt(80, 600, 0.5, 1.5 - self::STEP))) / (2 * self::STEP);

        $this->assertEqualsWithDelta([$slope], $curve->relativeGrowths([$length], [600.0], [0.5]), 1e-7);
    }

    /** @return iterable<string, array{GrowthCurve}> the average takes both of its curves at the mean length and is only near */
    public static function simpleCurves(): iterable
    {
        foreach ([CurveName::VonBertalanffy, CurveName::Gompertz, CurveName::Logistic] as $name) {
            yield $name->value => [GrowthCurves::named($name)];
        }
    }
}
