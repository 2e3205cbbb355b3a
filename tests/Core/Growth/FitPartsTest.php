<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Growth\Curve\VonBertalanffy;
use Biomegas\Growth\Fit\DeviationFilter;
use Biomegas\Growth\Fit\ErrorModel;
use Biomegas\Growth\Fit\FishFit;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Fit\NormalTable;
use Biomegas\Growth\Fit\Observation;
use Biomegas\Growth\Fit\PeakFinder;
use Biomegas\Growth\Kin\KinEvidence;
use Biomegas\Growth\Kin\KinPrior;
use Biomegas\Growth\LeastSquares\Matrix2;
use PHPUnit\Framework\TestCase;
use Tests\Core\Kinds;

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

    public function test_the_filter_weighs_each_entry_as_the_error_model_does(): void
    {
        $observations = [new Observation(0.0, log(80), 0.01), new Observation(0.4, log(170), 0.03), new Observation(0.9, log(400), 0.03)];
        $at = [log(500), log(0.6), log(80)];
        [$logLikelihood, $deviation, $spread, $slips] = (new DeviationFilter(new VonBertalanffy, $observations, 0.0))->follow($at);
        $expected = 0.0;
        foreach ($observations as $i => $one) {
            [$logDensity, $good] = ErrorModel::weigh($one->logLength - log((new VonBertalanffy)->lengthAt(80, 500, 0.6, $one->time)), $one->error ** 2);
            $expected += $logDensity;
            $this->assertEqualsWithDelta(1 - $good, $slips[$i], 1e-12);
        }

        $this->assertEqualsWithDelta($expected, $logLikelihood, 1e-9);
        $this->assertSame([0.0, 0.0], [$deviation, $spread], 'without process variation nothing wanders');
    }

    public function test_a_fish_ahead_of_its_curve_is_followed_ahead(): void
    {
        $true = (new VonBertalanffy)->lengthAt(80, 500, 0.6, 1.1);
        [, $deviation, $spread] = (new DeviationFilter(new VonBertalanffy, [new Observation(0.0, log(80), 0.01), new Observation(1.0, log($true), 0.01)], 0.1))->follow([log(500), log(0.6), log(80)]);

        $this->assertEqualsWithDelta(0.1, $deviation, 0.02);
        $this->assertLessThan(0.1, $spread);
    }

    public function test_the_peak_of_exact_lengths_is_their_curve_where_the_prior_agrees(): void
    {
        $prior = GrowthPrior::ofSpecies(Kinds::of());
        $observations = array_map(fn (float $t): Observation => new Observation($t, log((new VonBertalanffy)->lengthAt(80, 500, 0.6, $t)), 0.01), [0.0, 0.5, 1.0, 2.0, 3.0]);
        $peak = (new PeakFinder(new VonBertalanffy, $prior, 0.0))->find($observations);

        $this->assertEqualsWithDelta(log(500), $peak->logParameters[0], 1e-4);
        $this->assertEqualsWithDelta(log(0.6), $peak->logParameters[1], 1e-4);
        $this->assertEqualsWithDelta(log(80), $peak->logParameters[2], 1e-4);
    }

    public function test_the_normals_are_fixed_and_normal(): void
    {
        $table = NormalTable::of(2000, 3);
        $column = array_column($table, 1);
        $mean = array_sum($column) / 2000;

        $this->assertSame($table, NormalTable::of(2000, 3));
        $this->assertEqualsWithDelta(0.0, $mean, 0.06);
        $this->assertEqualsWithDelta(1.0, array_sum(array_map(fn (float $z): float => ($z - $mean) ** 2, $column)) / 2000, 0.1);
    }

    public function test_a_prior_draws_what_it_says(): void
    {
        $prior = GrowthPrior::normal([6.0, -0.5], [[0.04, 0.018], [0.018, 0.09]], 4.0);
        $draws = array_map(fn (array $z): array => $prior->draw($z[0], $z[1]), NormalTable::of(4000, 2));
        $covariance = array_sum(array_map(fn (array $d): float => ($d[0] - 6.0) * ($d[1] + 0.5), $draws)) / 4000;

        $this->assertEqualsWithDelta(0.018, $covariance, 0.003);
        $this->assertEqualsWithDelta([1.0, -0.5], $prior->residuals(...$prior->draw(1.0, -0.5)), 1e-9, 'residuals undo the draw');
        $this->assertGreaterThan($prior->logDensity(6.3, -0.5), $prior->logDensity(6.0, -0.5));
    }

    public function test_no_kin_leave_the_prior_and_unlike_kin_hardly_narrow_it(): void
    {
        $prior = GrowthPrior::ofSpecies(Kinds::of());
        $evidence = fn (float $asymptote): KinEvidence => KinEvidence::of((new FishFit(new VonBertalanffy, $prior))->fit(
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
}
