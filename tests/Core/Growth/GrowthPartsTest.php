<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Growth\Curve\AverageCurve;
use Biomegas\Growth\Curve\Gompertz;
use Biomegas\Growth\Curve\VonBertalanffy;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Fit\Observation;
use Biomegas\Growth\Fit\StalledRun;
use Biomegas\Growth\LeastSquares\AgeCurve;
use Biomegas\Growth\LeastSquares\AkaikeWeights;
use Biomegas\Growth\LeastSquares\CurveFit;
use Biomegas\Growth\LeastSquares\Estimate;
use Biomegas\Growth\Projection\Pace;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** The small parts of growth, each by itself. */
final class GrowthPartsTest extends TestCase
{
    public function test_the_average_curve_lies_half_way_between_its_two(): void
    {
        [$slow, $quick] = [new Gompertz, new VonBertalanffy];
        $average = new AverageCurve($quick, $slow);
        foreach ([0.0, 0.2, 0.7, 1.5, 4.0, 12.0] as $time) {
            $both = [$slow->lengthAt(60, 500, 0.8, $time), $quick->lengthAt(60, 500, 0.8, $time)];
            $this->assertEqualsWithDelta(array_sum($both) / 2, $average->lengthAt(60, 500, 0.8, $time), 1e-9);
        }
    }

    public function test_its_time_until_a_length_lies_between_theirs_and_undoes_the_length(): void
    {
        $average = new AverageCurve(new VonBertalanffy, new Gompertz);
        foreach ([100.0, 250.0, 400.0, 480.0] as $length) {
            $time = $average->timesUntil($length, [60.0], [500.0], [0.8])[0];
            $theirs = [(new VonBertalanffy)->timesUntil($length, [60.0], [500.0], [0.8])[0], (new Gompertz)->timesUntil($length, [60.0], [500.0], [0.8])[0]];

            $this->assertEqualsWithDelta($length, $average->lengthAt(60, 500, 0.8, $time), 0.1);
            $this->assertGreaterThanOrEqual(min($theirs) - 1e-4, $time);
            $this->assertLessThanOrEqual(max($theirs) + 1e-4, $time);
        }
    }

    /** It is set for species whose first year is near straight: the mean bends less there than either of its two. */
    public function test_the_average_curve_is_straighter_in_its_first_year(): void
    {
        $bend = function (AverageCurve|VonBertalanffy|Gompertz $curve): float {
            [$start, $middle, $end] = array_map(fn (float $time): float => $curve->lengthAt(30, 400, 0.9, $time), [0.0, 0.5, 1.0]);

            return abs($middle - ($start + $end) / 2) / ($end - $start);
        };

        $this->assertLessThan(min($bend(new VonBertalanffy), $bend(new Gompertz)), $bend(new AverageCurve(new VonBertalanffy, new Gompertz)));
    }

    /** @return iterable<string, array{float, Pace}> */
    public static function paces(): iterable
    {
        yield 'the slowest' => [0.0, Pace::VerySlow];
        yield 'at ten' => [10.0, Pace::VerySlow];
        yield 'above ten' => [10.1, Pace::Slow];
        yield 'at thirty' => [30.0, Pace::Slow];
        yield 'the middle' => [50.0, Pace::Usual];
        yield 'at seventy' => [70.0, Pace::Usual];
        yield 'above seventy' => [70.1, Pace::Quick];
        yield 'at ninety' => [90.0, Pace::Quick];
        yield 'the quickest' => [100.0, Pace::VeryQuick];
    }

    #[DataProvider('paces')]
    public function test_paces(float $percent, Pace $pace): void
    {
        $this->assertSame($pace, Pace::of($percent));
    }

    /**
     * Burnham and Anderson (2002), Model Selection and Multimodel Inference, second
     * edition, section 2.10: the evidence of the best against one that is worse by
     * a difference in the criterion. The figures come from memory.
     */
    #[DataProvider('evidence')]
    public function test_the_evidence_ratio_of_two_curves(float $difference, float $ratio): void
    {
        [$best, $worse] = AkaikeWeights::of([self::fit(100.0), self::fit(100.0 + $difference)]);

        $this->assertEqualsWithDelta($ratio, $best / $worse, 0.05, 'they are printed to one decimal');
        $this->assertEqualsWithDelta(1.0, $best + $worse, 1e-12);
    }

    /** @return iterable<array{float, float}> */
    public static function evidence(): iterable
    {
        yield [2.0, 2.7];
        yield [4.0, 7.4];
        yield [8.0, 54.6];
        yield [10.0, 148.4];
    }

    public function test_with_too_few_lengths_to_tell_no_curve_is_preferred(): void
    {
        $this->assertSame([0.5, 0.5], AkaikeWeights::of([self::fit(null), self::fit(3.0)]));
    }

    /** @return iterable<string, array{list<array{float, float}>, int}> time in years and length in mm; how many last lengths are one */
    public static function runs(): iterable
    {
        // The species grows from 100 to about 300 mm in its first year and to 500 at last.
        yield 'no length' => [[], 0];
        yield 'one length' => [[[0.0, 100]], 0];
        yield 'two that are alike over a year' => [[[0.0, 200], [1.0, 201]], 2];
        yield 'two that are alike over a week' => [[[0.0, 200], [0.02, 201]], 0];
        yield 'three that are alike after growth' => [[[0.0, 100], [0.5, 200], [1.0, 201], [1.5, 200]], 3];
        yield 'steady growth' => [[[0.0, 100], [0.5, 190], [1.0, 260], [1.5, 320]], 0];
        yield 'growth that began again' => [[[0.0, 200], [0.5, 201], [1.0, 270]], 0];
        yield 'grown up: nothing more is to be expected' => [[[0.0, 498], [1.0, 499]], 0];
    }

    /** @param  list<array{float, float}>  $lengths */
    #[DataProvider('runs')]
    public function test_a_fish_that_stopped_is_found(array $lengths, int $run): void
    {
        $observations = array_map(fn (array $length): Observation => new Observation($length[0], log($length[1]), 0.02), $lengths);

        $this->assertSame($run, StalledRun::of($observations, new VonBertalanffy, GrowthPrior::ofSpecies(Example::of())));
    }

    private static function fit(?float $aicc): CurveFit
    {
        $estimate = new Estimate(1.0, 0.1);

        return new CurveFit(AgeCurve::VonBertalanffy, 10, $estimate, $estimate, null, 1.0, 0.1, $aicc);
    }
}
