<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Growth\LeastSquares\AgeCurve;
use Biomegas\Growth\LeastSquares\CurveFitFailed;
use Biomegas\Growth\LeastSquares\CurveFitter;
use Biomegas\Numerics\Cholesky;
use Biomegas\Numerics\LevenbergMarquardt;
use Biomegas\Numerics\StopReason;
use InvalidArgumentException;
use PHPUnit\Framework\TestCase;
use Tests\Said;

final class LeastSquaresTest extends TestCase
{
    public function test_equal_weights_change_nothing(): void
    {
        $once = (new LevenbergMarquardt)->minimise($this->line(1.0), [0.0, 0.0]);
        $thrice = (new LevenbergMarquardt)->minimise($this->line(3.0), [0.0, 0.0]);

        $this->assertEqualsWithDelta($once->parameters, $thrice->parameters, 1e-9);
        $this->assertEqualsWithDelta(9 * $once->sumOfSquares, $thrice->sumOfSquares, 1e-9);
    }

    public function test_noisy_data_converges_and_says_so(): void
    {
        $result = (new LevenbergMarquardt)->minimise($this->line(1.0), [5.0, -3.0]);

        $this->assertSame(StopReason::Converged, $result->stopReason);
        $this->assertLessThan(20, $result->iterations);
    }

    public function test_refuses_a_start_without_finite_residuals(): void
    {
        $this->expectException(InvalidArgumentException::class);

        (new LevenbergMarquardt)->minimise(fn (array $at): array => [[NAN], [[1.0]]], [0.0]);
    }

    public function test_cholesky_solves_and_inverts(): void
    {
        $root = Cholesky::of([[4.0, 2.0], [2.0, 3.0]]);

        $this->assertEqualsWithDelta([1.0, 2.0], $root?->solve([8.0, 8.0]), 1e-12);
        $this->assertEqualsWithDelta([[0.375, -0.25], [-0.25, 0.5]], $root?->inverse(), 1e-12);
        $this->assertEqualsWithDelta(log(8.0), $root?->logDeterminant(), 1e-12);
        $this->assertNull(Cholesky::of([[1.0, 2.0], [2.0, 1.0]]), 'not positive definite');
    }

    public function test_finds_known_curves_again(): void
    {
        foreach (AgeCurve::cases() as $curve) {
            $ages = range(0.2, 6.0, 0.4);
            $lengths = array_map(fn (float $age): float => 700 * $curve->shape(0.6 * ($age + 0.3)), $ages);
            $fit = (new CurveFitter($curve))->fit($ages, $lengths);

            $this->assertEqualsWithDelta(700, $fit->asymptoticLength->value, 1e-4, $curve->value);
            $this->assertEqualsWithDelta(0.6, $fit->growthCoefficient->value, 1e-6, $curve->value);
            $this->assertEqualsWithDelta(-0.3, $fit->location?->value, 1e-5, $curve->value);
        }
    }

    public function test_refuses_by_name_what_shows_no_curve(): void
    {
        $refusals = [
            'needs at least 4 lengths' => [[1.0, 2.0, 3.0], [10.0, 20.0, 25.0], null],
            'Length 2: age and length must be finite' => [[1.0, 2.0, 3.0, 4.0, 5.0], [10.0, NAN, 25.0, 27.0, 28.0], null],
            'do not level off' => [[1.0, 2.0, 3.0, 4.0, 5.0], [10.0, 20.0, 30.0, 40.0, 50.0], null],
            'The start needs' => [[1.0, 2.0, 3.0, 4.0, 5.0], [10.0, 18.0, 24.0, 28.0, 30.0], [-1.0, 1.0, 0.0]],
        ];
        foreach ($refusals as $sentence => [$ages, $lengths, $start]) {
            try {
                (new CurveFitter(AgeCurve::VonBertalanffy))->fit($ages, $lengths, $start);
                $this->fail($sentence);
            } catch (CurveFitFailed $refusal) {
                $this->assertStringContainsString($sentence, Said::of($refusal->finding()));
            }
        }
    }

    private function line(float $weight): \Closure
    {
        $data = [[0.0, 1.1], [1.0, 2.9], [2.0, 5.2], [3.0, 6.8]];

        return fn (array $at): array => [
            array_map(fn (array $p): float => $weight * ($at[0] + $at[1] * $p[0] - $p[1]), $data),
            array_map(fn (array $p): array => [$weight, $weight * $p[0]], $data),
        ];
    }
}
