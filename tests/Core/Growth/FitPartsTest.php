<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Growth\Curve\VonBertalanffy;
use Biomegas\Growth\Fit\ErrorModel;
use Biomegas\Growth\Fit\FishFit;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Fit\MapEstimator;
use Biomegas\Growth\Fit\Observation;
use Biomegas\Growth\Fit\ProposalTable;
use Biomegas\Growth\Kin\KinEvidence;
use Biomegas\Growth\Kin\KinPrior;
use Biomegas\Numerics\Matrix2;
use Biomegas\Numerics\ScrambledHalton;
use Biomegas\Numerics\StandardNormal;
use Biomegas\Numerics\WeightedQuantiles;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class FitPartsTest extends TestCase
{
    public function test_the_error_model_is_a_density_that_never_overflows(): void
    {
        $integral = 0.0;
        for ($r = -6.0; $r < 6.0; $r += 0.001) {
            $integral += exp(ErrorModel::weigh($r, 0.0025)[0]) * 0.001;
        }
        $this->assertEqualsWithDelta(sqrt(2 * M_PI), $integral, 1e-6, 'one, but for the constant that is left out');
        $this->assertGreaterThan(0.99, ErrorModel::weigh(0.0, 0.0001)[1]);
        $this->assertLessThan(1e-6, ErrorModel::weigh(1.0, 0.0001)[1]);
        $this->assertTrue(is_finite(ErrorModel::weigh(1e4, 1e-4)[0]));
    }

    public function test_the_peak_of_exact_lengths_is_their_curve_where_the_prior_agrees(): void
    {
        $prior = GrowthPrior::ofSpecies(Example::of());
        $observations = array_map(fn (float $t): Observation => new Observation($t, log((new VonBertalanffy)->lengthAt(80, 500, 0.6, $t)), 0.01), [0.0, 0.5, 1.0, 2.0, 3.0]);
        $peak = (new MapEstimator(new VonBertalanffy, $prior, 0.0))->find($observations);

        $this->assertEqualsWithDelta(log(500), $peak->logParameters[0], 1e-4);
        $this->assertEqualsWithDelta(log(0.6), $peak->logParameters[1], 1e-4);
        $this->assertEqualsWithDelta(log(80), $peak->logParameters[2], 1e-4);
    }

    public function test_points_are_fixed_and_even(): void
    {
        $points = ScrambledHalton::of(2000, 6);

        $this->assertSame($points, ScrambledHalton::of(2000, 6));
        for ($d = 0; $d < 6; $d++) {
            $this->assertEqualsWithDelta(0.5, array_sum(array_column($points, $d)) / 2000, 0.005);
        }
        $this->assertEqualsWithDelta(500, count(array_filter($points, fn (array $p): bool => $p[0] < 0.5 && $p[4] < 0.5)), 15, 'in pairs of coordinates too');
        $this->expectExceptionMessage('at most 6');
        ScrambledHalton::of(10, 7);
    }

    /** From memory, the figures of any table: 1.281552, 1.959964, 3.090232 and 5.199338 for one in ten million. */
    public function test_the_standard_normal_agrees_with_printed_tables(): void
    {
        foreach ([[0.5, 0.0], [0.9, 1.281552], [0.975, 1.959964], [0.999, 3.090232], [1e-7, -5.199338]] as [$share, $z]) {
            $this->assertEqualsWithDelta($z, StandardNormal::quantile($share), 2e-6);
            $this->assertEqualsWithDelta($share, StandardNormal::shareBelow($z), 1e-7);
        }
    }

    /** Weighted back to a normal, the usual number of draws must give its quantiles in any direction. */
    public function test_the_draws_stand_for_a_normal(): void
    {
        $table = ProposalTable::of(FishFit::DRAWS);
        $weights = array_map(fn (array $x): float => exp(-($x[0] ** 2 + $x[1] ** 2 + $x[2] ** 2) / 2) * (1 + ($x[0] ** 2 + $x[1] ** 2 + $x[2] ** 2) / 5) ** 4, $table->step);
        $sum = array_sum($weights);
        $weights = array_map(fn (float $weight): float => $weight / $sum, $weights);
        foreach ([[1, 0, 0, 0], [0, 1, 0, 0], [0, 0, 1, 0], [0.6, 0.6, 0, 0.53], [0.6, -0.6, 0.53, 0], [0.5, 0.5, 0.5, 0.5]] as $d) {
            $along = array_map(fn (array $x, float $wander): float => $d[0] * $x[0] + $d[1] * $x[1] + $d[2] * $x[2] + $d[3] * $wander, $table->step, $table->ofWander);
            $sample = WeightedQuantiles::of($along, $weights);
            foreach ([-1.2816, 0.0, 1.2816] as $z) {
                $this->assertEqualsWithDelta(1 - StandardNormal::shareBelow($z), $sample->shareFrom($z), 0.035);
            }
        }
    }

    public function test_the_time_until_a_length_is_when_the_draw_gets_there(): void
    {
        $draws = (new FishFit(new VonBertalanffy, GrowthPrior::ofSpecies(Example::of())))->fit([new Observation(0.0, log(80), 0.05), new Observation(0.4, log(170), 0.05)]);
        $times = $draws->timesUntil(300, 0.7);
        $lengths = fn (float $t): array => $draws->lengthsAt([0.7, $t])[1];
        $checked = 0;
        foreach ($times as $s => $time) {
            if (is_finite($time) && $time > 0.7) {
                $this->assertEqualsWithDelta(300, $lengths($time)[$s], 1e-5);
                $checked++;
            }
        }

        $this->assertGreaterThan(200, $checked);
        $this->assertSame(array_fill(0, count($times), 0.7), $draws->timesUntil(20, 0.7), 'it was there from the start');
    }

    public function test_a_prior_draws_what_it_says(): void
    {
        $prior = GrowthPrior::normal([6.0, -0.5], [[0.04, 0.018], [0.018, 0.09]], 4.0);
        $draws = array_map(fn (array $p): array => $prior->draw(StandardNormal::quantile($p[0]), StandardNormal::quantile($p[1])), ScrambledHalton::of(4000, 2));
        $covariance = array_sum(array_map(fn (array $d): float => ($d[0] - 6.0) * ($d[1] + 0.5), $draws)) / 4000;

        $this->assertEqualsWithDelta(0.018, $covariance, 0.003);
        $this->assertEqualsWithDelta([1.0, -0.5], $prior->residuals(...$prior->draw(1.0, -0.5)), 1e-9, 'residuals undo the draw');
        [$off, $at] = $prior->logDensities([6.3, 6.0], [-0.5, -0.5]);
        $this->assertGreaterThan($off, $at);
    }

    public function test_no_kin_leave_the_prior_and_unlike_kin_hardly_narrow_it(): void
    {
        $prior = GrowthPrior::ofSpecies(Example::of());
        $evidence = fn (float $asymptote): KinEvidence => KinEvidence::of((new MapEstimator(new VonBertalanffy, $prior, 0.03))->find(
            array_map(fn (float $t): Observation => new Observation($t, log((new VonBertalanffy)->lengthAt(80, $asymptote, 0.6, $t)), 0.01), [0.0, 0.5, 1.0, 2.0, 3.0]),
        ), $prior);
        $alike = KinPrior::of($prior, array_fill(0, 5, $evidence(600)));
        $unlike = KinPrior::of($prior, [$evidence(380), $evidence(430), $evidence(520), $evidence(600), $evidence(680)]);

        $this->assertSame($prior, KinPrior::of($prior, []));
        $this->assertGreaterThan($prior->mean[0] + 0.05, $alike->mean[0]);
        $this->assertLessThan($unlike->covariance[0][0], $alike->covariance[0][0]);
        $this->assertLessThan(1.2 * $prior->covariance[0][0], $unlike->covariance[0][0]);
    }

    public function test_two_by_two_arithmetic(): void
    {
        $m = [[4.0, 1.0], [1.0, 3.0]];

        $this->assertEqualsWithDelta(Matrix2::IDENTITY, Matrix2::product($m, Matrix2::inverse($m)), 1e-12);
        $this->assertEqualsWithDelta([6.0, 7.0], Matrix2::times($m, [1.0, 2.0]), 1e-12);
        $this->assertEqualsWithDelta($m, Matrix2::withoutNegative($m), 1e-12);
        $this->assertEqualsWithDelta([[0.5, 0.5], [0.5, 0.5]], Matrix2::withoutNegative([[0.0, 1.0], [1.0, 0.0]]), 1e-12);
        $this->assertSame(11.0, Matrix2::determinant($m));
    }

    /** The same growth drawn twice: from 80 mm to 500 mm at 0.6 a year. */
    private static function twice(): DrawnParameters
    {
        return new DrawnParameters([log(500), log(500)], [log(0.6), log(0.6)], [log(80), log(80)], [500.0, 500.0], [0.6, 0.6], [80.0, 80.0]);
    }
}
