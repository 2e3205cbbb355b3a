<?php

declare(strict_types=1);

namespace Tests\Reference;

use Biomegas\Growth\LeastSquares\AgeCurve;
use Biomegas\Growth\LeastSquares\CurveFitter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Against R 4.2.2, nls with SSasymp, SSgompertz and SSlogis on R's own data
 * Loblolly and Orange. The fixture and the script that made it lie beside.
 */
final class RNonlinearLeastSquaresTest extends TestCase
{
    /** R stops when the relative offset falls below 1e-5. */
    private const R_CONVERGED_TO = 1e-4;

    /** @param  array{curve: string, ages: list<float>, lengths: list<float>, values: list<float>, errors: list<float>, sum: float}  $case */
    #[DataProvider('cases')]
    public function test_same_curve_as_r(array $case): void
    {
        $fit = (new CurveFitter(AgeCurve::from($case['curve'])))->fit(array_map(floatval(...), $case['ages']), array_map(floatval(...), $case['lengths']));

        foreach ([$fit->asymptoticLength, $fit->growthCoefficient, $fit->location] as $i => $estimate) {
            $this->assertEqualsWithDelta(1.0, ($estimate?->value ?? NAN) / $case['values'][$i], self::R_CONVERGED_TO);
            $this->assertEqualsWithDelta(1.0, ($estimate?->standardError ?? NAN) / $case['errors'][$i], 10 * self::R_CONVERGED_TO);
        }
        $this->assertEqualsWithDelta(1.0, $fit->residualSumOfSquares / $case['sum'], 1e-7);
    }

    /** @return iterable<string, array{mixed}> */
    public static function cases(): iterable
    {
        foreach (json_decode((string) file_get_contents(__DIR__.'/fixtures/nls.json'), true) as $case) {
            yield $case['name'] => [$case];
        }
    }
}
