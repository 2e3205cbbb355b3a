<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Growth\Curve\VonBertalanffy;
use Biomegas\Growth\Fit\DrawnParameters;
use Biomegas\Growth\Fit\ErrorModel;
use Biomegas\Growth\Fit\FishFit;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\Fit\LevelPeaks;
use Biomegas\Growth\Fit\LinearPace;
use Biomegas\Growth\Fit\MapEstimator;
use Biomegas\Growth\Fit\Observation;
use Biomegas\Growth\Fit\PaceFilter;
use Biomegas\Growth\Pace\FacilityPace;
use Biomegas\Growth\Pace\PaceBelief;
use Biomegas\Growth\Pace\PaceLevel;
use Biomegas\Growth\Pace\PaceLevels;
use Biomegas\Growth\Pace\PaceStep;
use Biomegas\Numerics\Cholesky;
use PHPUnit\Framework\TestCase;

/** The pace of an animal against the same worked another way: moments in small steps, least squares with the whole covariance, sums over a grid. */
final class PaceTest extends TestCase
{
    private const A_SPREAD = 0.7;

    public function test_a_step_has_the_moments_of_the_process_taken_in_small_steps(): void
    {
        [$h, $n, $spread] = [0.4, 200_000, 0.5];
        $dt = $h / $n;
        // Of growth that has run ahead by d at the pace x: dd = x dt + wander dW, dx = -x/T dt + noise.
        [$mean, $dd, $dx, $xx] = [0.0, 0.0, 0.0, 0.0];
        $pace = 1.0;
        for ($i = 0; $i < $n; $i++) {
            $mean += $pace * $dt;
            $pace -= $pace / PaceStep::PERSISTENCE * $dt;
            $dd += (2 * $dx + PaceStep::WANDER ** 2) * $dt;
            $dx += ($xx - $dx / PaceStep::PERSISTENCE) * $dt;
            $xx += (2 * $spread ** 2 - 2 * $xx) / PaceStep::PERSISTENCE * $dt;
        }
        $step = PaceStep::over($h, $spread);

        $this->assertEqualsWithDelta([$mean, $pace], [$step->ahead, $step->kept], 1e-5);
        $this->assertEqualsWithDelta([$dd, $dx, $xx], [$step->ofDeviation, $step->ofBoth, $step->ofPace], 1e-5);
    }

    public function test_two_steps_are_one(): void
    {
        [$half, $whole] = [PaceStep::over(0.2, 0.5), PaceStep::over(0.4, 0.5)];

        $this->assertEqualsWithDelta($whole->ahead, $half->ahead * (1 + $half->kept), 1e-12);
        $this->assertEqualsWithDelta($whole->ofDeviation, 2 * $half->ofDeviation + 2 * $half->ahead * $half->ofBoth + $half->ahead ** 2 * $half->ofPace, 1e-12);
        $tiny = PaceStep::over(1e-4, 0.5);
        $this->assertEqualsWithDelta(1.0, PaceStep::over(1e-4 * 1.0001, 0.5)->ofDeviation / $tiny->ofDeviation, 1e-3, 'nothing is lost in rounding');
    }

    public function test_the_filter_weighs_each_entry_as_the_error_model_does(): void
    {
        $observations = [new Observation(0.0, log(80), 0.01), new Observation(0.4, log(170), 0.03), new Observation(0.9, log(400), 0.03)];
        $level = PaceLevels::USUAL_ERROR;
        $followed = (new PaceFilter(new VonBertalanffy, $observations))->follow(self::one(), [$level]);
        $curve = new VonBertalanffy;
        $length = $curve->lengthAt(80, 500, 0.6, 0.4);
        [$slope] = $curve->relativeGrowths([$length], [500.0], [0.6]);
        $expected = ErrorModel::weigh(0.0, 0.01 ** 2)[0] + ErrorModel::weigh(log(170 / $length), 0.03 ** 2 + $slope ** 2 * PaceStep::WANDER ** 2 * 0.4)[0];
        $two = (new PaceFilter(new VonBertalanffy, array_slice($observations, 0, 2)))->follow(self::one(), [$level]);

        $this->assertEqualsWithDelta($expected, $two->logLikelihood[0], 1e-9);
        $this->assertGreaterThan(0.95, $followed->outlier[2][0]);
        $this->assertLessThan(0.05, $followed->outlier[0][0]);
    }

    public function test_a_fish_ahead_of_its_curve_is_followed_ahead_and_goes_on_faster(): void
    {
        $true = (new VonBertalanffy)->lengthAt(80, 500, 0.6, 0.5);
        $levels = [PaceLevels::USUAL_ERROR, count(PaceLevels::all()) - count(PaceLevels::ERRORS) + PaceLevels::USUAL_ERROR];
        $followed = (new PaceFilter(new VonBertalanffy, [new Observation(0.0, log(80), 0.01), new Observation(0.4, log($true), 0.01)]))->follow(self::one(2), $levels);

        $this->assertEqualsWithDelta(0.1, $followed->deviation[1], 0.02);
        $this->assertGreaterThan(0.05, $followed->pace[1]);
        $this->assertSame(0.0, $followed->pace[0], 'at the first level it keeps to its curve');
        $this->assertLessThan(self::A_SPREAD ** 2, $followed->ofPace[1], 'it is known better');
    }

    public function test_a_length_that_no_fish_can_have_weighs_nothing_and_breaks_nothing(): void
    {
        $followed = (new PaceFilter(new VonBertalanffy, [new Observation(0.0, log(80), 0.001), new Observation(1.0, log(80e9), 0.001)]))->follow(self::one(), [0]);

        $this->assertGreaterThan(-1000, $followed->logLikelihood[0]);
        $this->assertGreaterThan(0.99, $followed->outlier[1][0]);
    }

    /** Least squares with the covariance of all lengths written out, which the filter never forms. */
    public function test_the_most_probable_growth_is_that_of_generalised_least_squares(): void
    {
        $prior = GrowthPrior::normal([log(500), log(0.6)], [[0.04, 0.0], [0.0, 0.09]], 4.0);
        $level = new PaceLevel(0.35, 1.0, 0.0);
        $about = [log(480), log(0.65), log(80)];
        $observations = array_map(fn (array $o): Observation => new Observation($o[0], log($o[1]), 0.03), [[0.0, 80], [0.3, 160], [0.5, 200], [0.9, 265]]);
        [$at, $covariance] = (new LinearPace(new VonBertalanffy, $prior, $observations, $about))->under($level);

        [$normal, $right] = self::generalisedLeastSquares($prior, $level, $about, $observations);
        $root = Cholesky::of($normal);
        $this->assertNotNull($root);
        foreach ($root->solve($right) as $i => $step) {
            $this->assertEqualsWithDelta($about[$i] + $step, $at[$i], 1e-3);
        }
        $this->assertEqualsWithDelta($root->inverse(), $covariance, 1e-4);
    }

    /** How probable the lengths are, summed over a fine grid of all growths at every level. */
    public function test_the_draws_find_the_evidence_of_a_grid(): void
    {
        $prior = GrowthPrior::normal([log(300), log(0.8)], [[0.217 ** 2, 0.0], [0.0, 0.309 ** 2]], log(40));
        $observations = array_map(fn (array $o): Observation => new Observation($o[0] / 365.25, log($o[1]), $o[2]), [[0, 60, 0.01], [60, 78, 0.03], [130, 95, 0.01], [200, 108, 0.03], [290, 122, 0.01]]);
        $belief = PaceBelief::usual();
        $logEvidence = (new FishFit(new VonBertalanffy, $prior, $belief))->fit($observations)->logEvidence;

        // What the densities of a Student t (five degrees of freedom, three dimensions) and of a normal leave out.
        [$ofStudent, $ofNormal] = [log(6 / (0.75 * sqrt(M_PI) * (5 * M_PI) ** 1.5)), -1.5 * log(2 * M_PI)];
        $grid = self::logEvidenceOfGrid($prior, $observations, $belief);

        $this->assertEqualsWithDelta($grid, $logEvidence - $ofStudent, 0.08);
        $peaks = LevelPeaks::about((new MapEstimator(new VonBertalanffy, $prior, PaceStep::WANDER))->find($observations), new VonBertalanffy, $prior, $observations);
        $laplace = log(array_sum(array_map(fn (float $log, float $share): float => $share * exp($log), $peaks->logEvidence, $belief->shares)));
        $this->assertEqualsWithDelta($grid, $laplace - $ofNormal, 0.3, 'the normal about each peak is near enough to share out the draws');
    }

    public function test_others_tell_how_an_animal_keeps_to_its_curve(): void
    {
        $level = 4;
        $surely = array_map(fn (int $k): float => $k === $level ? 0.0 : -8.0, array_keys(PaceLevels::all()));
        $pace = FacilityPace::of(array_fill_keys(['a', 'b', 'c', 'd', 'e', 'f'], $surely), array_fill_keys(['a', 'b', 'c', 'd', 'e', 'f'], array_fill(0, count(FacilityPace::WIDTHS), 0.0)));

        $this->assertEqualsWithDelta(1.0, array_sum($pace->beliefOf('a')->shares), 1e-9);
        $this->assertGreaterThan(2 * PaceBelief::usual()->shares[$level], $pace->beliefOf('a')->shares[$level]);
        $this->assertGreaterThan($pace->beliefOf('a')->shares[$level], $pace->beliefOf('a stranger')->shares[$level], 'its own lengths are left out');
    }

    public function test_among_many_leaving_one_out_is_nearly_what_learning_without_it_would_be(): void
    {
        $all = [];
        for ($i = 0; $i < 64; $i++) {
            $all["animal {$i}"] = array_map(fn (int $k): float => -(($k * 7 + $i * 3) % 5) / 2, array_keys(PaceLevels::all()));
        }
        $widths = fn (array $animals): array => array_map(fn (array $logs): array => array_fill(0, count(FacilityPace::WIDTHS), 0.0), $animals);
        $quick = FacilityPace::of($all, $widths($all))->beliefOf('animal 3')->shares;
        unset($all['animal 3']);

        $this->assertEqualsWithDelta(FacilityPace::of($all, $widths($all))->beliefOf('another')->shares, $quick, 0.015);
    }

    private static function one(int $times = 1): DrawnParameters
    {
        return DrawnParameters::at(array_fill(0, $times, log(500)), array_fill(0, $times, log(0.6)), array_fill(0, $times, log(80)));
    }

    /**
     * @param  array{float, float, float}  $about
     * @param  list<Observation>  $observations
     * @return array{array<int, array<int, float>>, array<int, float>} normal matrix and right-hand side for the step from there
     */
    private static function generalisedLeastSquares(GrowthPrior $prior, PaceLevel $level, array $about, array $observations): array
    {
        $curve = new VonBertalanffy;
        [$a, $k, $l] = array_map(exp(...), $about);
        $rows = $slopes = $off = $covariance = [];
        foreach ($observations as $o) {
            $length = $curve->lengthAt($l, $a, $k, $o->time);
            $rows[] = $curve->logJacobian($l, $a, $k, $o->time);
            $slopes[] = $curve->relativeGrowths([$length], [$a], [$k])[0];
            $off[] = $o->logLength - log($length);
        }
        $t = PaceStep::PERSISTENCE;
        foreach ($observations as $i => $one) {
            foreach ($observations as $j => $other) {
                [$p, $q] = [$one->time, $other->time];
                $wander = PaceStep::WANDER ** 2 * min($p, $q) + ($level->spread * $t) ** 2 * (2 * min($p, $q) / $t - 1 + exp(-$p / $t) + exp(-$q / $t) - exp(-abs($p - $q) / $t));
                $covariance[$i][$j] = $slopes[$i] * $slopes[$j] * $wander + ($i === $j ? $one->error ** 2 : 0.0);
            }
        }
        $root = Cholesky::of($covariance);
        self::assertNotNull($root);
        $precision = Cholesky::of($prior->covariance)?->inverse() ?? [];
        $normal = [[$precision[0][0], $precision[0][1], 0.0], [$precision[1][0], $precision[1][1], 0.0], [0.0, 0.0, 1.0]];
        $towardsPrior = [$prior->mean[0] - $about[0], $prior->mean[1] - $about[1]];
        $right = [$precision[0][0] * $towardsPrior[0], $precision[1][1] * $towardsPrior[1], $observations[0]->logLength - $about[2]];
        $weighted = $root->solve($off);
        foreach ([0, 1, 2] as $i) {
            $column = $root->solve(array_column($rows, $i));
            foreach ([0, 1, 2] as $j) {
                $normal[$i][$j] += array_sum(array_map(fn (float $x, array $row): float => $x * $row[$j], $column, $rows));
            }
            $right[$i] += array_sum(array_map(fn (float $x, array $row): float => $x * $row[$i], $weighted, $rows));
        }

        return [$normal, $right];
    }

    /** @param  list<Observation>  $observations */
    private static function logEvidenceOfGrid(GrowthPrior $prior, array $observations, PaceBelief $belief): float
    {
        [$a, $k, $l] = [[], [], []];
        foreach (range(-3.5, 3.5, 0.25) as $x) {
            foreach (range(-3.5, 3.5, 0.25) as $y) {
                foreach (range(-0.06, 0.06, 0.004) as $z) {
                    $a[] = $prior->mean[0] + 0.217 * $x;
                    $k[] = $prior->mean[1] + 0.309 * $y;
                    $l[] = log(60) + $z;
                }
            }
        }
        $at = DrawnParameters::at($a, $k, $l);
        $cell = 0.25 * 0.217 * 0.25 * 0.309 * 0.004;
        $sum = 0.0;
        foreach ($belief->shares as $level => $share) {
            $followed = (new PaceFilter(new VonBertalanffy, $observations))->follow($at, array_fill(0, count($a), $level));
            foreach ($prior->logDensities($a, $k) as $s => $logPrior) {
                $sum += $share * exp($followed->logLikelihood[$s] + $logPrior) * $cell;
            }
        }

        return log($sum);
    }
}
