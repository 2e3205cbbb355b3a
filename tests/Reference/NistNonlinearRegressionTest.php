<?php

declare(strict_types=1);

namespace Tests\Reference;

use Biomegas\Growth\LeastSquares\AgeCurve;
use Biomegas\Growth\LeastSquares\CurveFitter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Against the certified values of the NIST Statistical Reference Datasets,
 * Nonlinear Least Squares Regression (National Institute of Standards and
 * Technology, U.S. Department of Commerce): Misra1a and BoxBOD, the curve of von Bertalanffy with its age at zero
 * length held at zero, and Rat42, the logistic. The values were entered from memory of the published tables and
 * agree with a second computation to all digits given.
 */
final class NistNonlinearRegressionTest extends TestCase
{
    private const DIGITS = 1e-6;

    private const MISRA1A = [
        'ages' => [77.6, 114.9, 141.1, 190.8, 239.9, 289.0, 332.8, 378.4, 434.8, 477.3, 536.8, 593.1, 689.1, 760.0],
        'lengths' => [10.07, 14.73, 17.94, 23.93, 29.61, 35.18, 40.02, 44.82, 50.76, 55.05, 61.01, 66.40, 75.47, 81.78],
        'values' => [2.3894212918E+02, 5.5015643181E-04],
        'errors' => [2.7070075241E+00, 7.2668688436E-06],
        'sum' => 1.2455138894E-01,
        'deviation' => 1.0187876330E-01,
    ];

    private const BOX_BOD = [
        'ages' => [1.0, 2.0, 3.0, 5.0, 7.0, 10.0],
        'lengths' => [109.0, 149.0, 149.0, 191.0, 213.0, 224.0],
        'values' => [2.1380940889E+02, 5.4723748542E-01],
        'errors' => [1.2354515176E+01, 1.0455993237E-01],
        'sum' => 1.1680088766E+03,
        'deviation' => 1.7088072423E+01,
    ];

    /**
     * @param  array{ages: list<float>, lengths: list<float>, values: array{float, float}, errors: array{float, float}, sum: float, deviation: float}  $data
     * @param  list<float>|null  $start
     */
    #[DataProvider('starts')]
    public function test_curve_from_the_origin(array $data, ?array $start): void
    {
        $fit = (new CurveFitter(AgeCurve::VonBertalanffy, fixedZero: true))->fit($data['ages'], $data['lengths'], $start);

        $this->assertRelative($data['values'][0], $fit->asymptoticLength->value);
        $this->assertRelative($data['values'][1], $fit->growthCoefficient->value);
        $this->assertRelative($data['errors'][0], $fit->asymptoticLength->standardError);
        $this->assertRelative($data['errors'][1], $fit->growthCoefficient->standardError);
        $this->assertRelative($data['sum'], $fit->residualSumOfSquares);
        $this->assertRelative($data['deviation'], $fit->residualStandardDeviation);
    }

    /** @return iterable<string, array{mixed, list<float>|null}> */
    public static function starts(): iterable
    {
        yield 'Misra1a, first start' => [self::MISRA1A, [500.0, 0.0001]];
        yield 'Misra1a, second start' => [self::MISRA1A, [250.0, 0.0005]];
        yield 'Misra1a, 1 and 1' => [self::MISRA1A, [1.0, 1.0]];
        yield 'Misra1a, no start' => [self::MISRA1A, null];
        yield 'BoxBOD, first start' => [self::BOX_BOD, [1.0, 1.0]];
        yield 'BoxBOD, second start' => [self::BOX_BOD, [100.0, 0.75]];
        yield 'BoxBOD, no start' => [self::BOX_BOD, null];
    }

    /** Rat42: y = b1 / (1 + exp(b2 - b3 x)), so the age at the inflection is b2 / b3. */
    public function test_rat42_is_the_logistic(): void
    {
        $ages = [9.0, 14.0, 21.0, 28.0, 42.0, 57.0, 63.0, 70.0, 79.0];
        $lengths = [8.93, 10.80, 18.59, 22.33, 39.35, 56.11, 61.73, 64.62, 67.08];
        foreach ([null, [100.0, 0.1, 10.0], [75.0, 0.07, 2.5 / 0.07]] as $start) {
            $fit = (new CurveFitter(AgeCurve::Logistic))->fit($ages, $lengths, $start);

            $this->assertRelative(7.2462237576E+01, $fit->asymptoticLength->value);
            $this->assertRelative(6.7359200066E-02, $fit->growthCoefficient->value);
            $this->assertRelative(2.6180768402E+00, ($fit->location?->value ?? NAN) * $fit->growthCoefficient->value);
            $this->assertRelative(1.7340283401E+00, $fit->asymptoticLength->standardError);
            $this->assertRelative(3.4465663377E-03, $fit->growthCoefficient->standardError);
            $this->assertRelative(8.0565229338E+00, $fit->residualSumOfSquares);
            $this->assertRelative(1.1587725499E+00, $fit->residualStandardDeviation);
        }
    }

    private function assertRelative(float $certified, float $value): void
    {
        $this->assertEqualsWithDelta(1.0, $value / $certified, self::DIGITS);
    }
}
