<?php

declare(strict_types=1);

namespace Biomegas\Growth\LeastSquares;

use Biomegas\Numerics\Cholesky;
use Biomegas\Numerics\LeastSquaresResult;
use Biomegas\Numerics\LevenbergMarquardt;
use InvalidArgumentException;

/**
 * Fits a growth curve by age without any prior. Damped steps alone can end in
 * a false valley, so the coefficient and the location are first scanned on a
 * grid, with the asymptote solved exactly for each pair (variable projection:
 * Golub and Pereyra 1973), and the best few are polished. The answer does not
 * depend on a start.
 */
final readonly class CurveFitter
{
    /** The scanned coefficients bend the curve by this much over the whole span of ages. */
    private const LEAST_BEND = 1e-3;

    private const MOST_BEND = 100.0;

    private const COEFFICIENTS = 60;

    private const LOCATIONS = 41;

    private const POLISHED = 6;

    /** The scan looks at no more lengths than these. */
    private const MOST_SCANNED = 200;

    /** Whatever the unit, no age or length is larger; squares of these are still numbers. */
    private const MOST = 1e9;

    private const LEAST_LENGTH = 1e-9;

    /** A fit that bends less than this over its data is a straight line. */
    private const STRAIGHT = 2e-3;

    public function __construct(
        private AgeCurve $curve,
        private bool $fixedZero = false,
    ) {
    }

    /**
     * @param  list<float>  $ages  any unit
     * @param  list<float>  $lengths  any unit, as many as ages
     * @param  list<float>|null  $start  asymptotic length, coefficient and location, tried besides the scan
     *
     * @throws CurveFitFailed when the data cannot show a curve or the start is not usable
     */
    public function fit(array $ages, array $lengths, ?array $start = null): CurveFit
    {
        $ages = $this->checked($ages, $lengths, $start);
        [$someAges, $someLengths] = self::thinned($ages, $lengths);
        $starts = $this->scan($someAges, $someLengths);
        if ($start !== null) {
            $starts[] = array_slice($start, 0, $this->parameterCount());
        }
        $best = $this->best($someAges, $someLengths, $starts);
        if ($best !== null && count($someAges) < count($ages)) {
            $best = $this->polish($ages, $lengths, array_values($best->parameters));
        }
        $span = max($ages) - min($ages);
        if ($best === null || $best->parameters[1] * $span < self::STRAIGHT) {
            throw CurveFitFailed::becauseTheLengthsDoNotLevelOff();
        }

        return $this->report($best, count($ages));
    }

    /**
     * @param  non-empty-list<float>  $ages
     * @param  list<float>  $lengths
     * @param  list<list<float>>  $starts
     */
    private function best(array $ages, array $lengths, array $starts): ?LeastSquaresResult
    {
        $best = null;
        foreach ($starts as $from) {
            $result = $this->polish($ages, $lengths, $from);
            if ($result !== null && ($best === null || $result->sumOfSquares < $best->sumOfSquares)) {
                $best = $result;
            }
        }

        return $best;
    }

    /**
     * Where to look for the minimum shows in some of many lengths, spread evenly over the ages.
     *
     * @param  non-empty-list<float>  $ages
     * @param  list<float>  $lengths
     * @return array{non-empty-list<float>, list<float>}
     */
    private static function thinned(array $ages, array $lengths): array
    {
        $n = count($ages);
        if ($n <= self::MOST_SCANNED) {
            return [$ages, $lengths];
        }
        $order = array_keys($ages);
        usort($order, fn (int $a, int $b): int => [$ages[$a], $a] <=> [$ages[$b], $b]);
        $chosen = array_map(fn (int $i): int => $order[intdiv($i * ($n - 1), self::MOST_SCANNED - 1)], range(0, self::MOST_SCANNED - 1));

        return [array_map(fn (int $i): float => $ages[$i], $chosen), array_map(fn (int $i): float => $lengths[$i], $chosen)];
    }

    private function parameterCount(): int
    {
        return $this->fixedZero ? 2 : 3;
    }

    /**
     * @param  list<float>  $ages
     * @param  list<float>  $lengths
     * @param  list<float>|null  $start
     * @return non-empty-list<float> the ages
     */
    private function checked(array $ages, array $lengths, ?array $start): array
    {
        foreach ($ages as $i => $age) {
            if (! (abs($age) <= self::MOST && $lengths[$i] >= self::LEAST_LENGTH && $lengths[$i] <= self::MOST)) {
                throw CurveFitFailed::becauseAValueIsNotUsable($i + 1);
            }
        }
        $different = count(array_unique($ages));
        if ($ages === [] || count($ages) <= $this->parameterCount() || $different < $this->parameterCount()) {
            throw CurveFitFailed::becauseTooFewLengths(min(count($ages), $different), $this->parameterCount() + 1);
        }
        $isUsable = $start === null || (count($start) >= $this->parameterCount()
            && $start[0] > 0.0 && $start[1] > 0.0 && max(array_map(abs(...), $start)) <= self::MOST);
        if (! $isUsable) {
            throw CurveFitFailed::becauseTheStartIsNotUsable();
        }

        return $ages;
    }

    /**
     * @param  non-empty-list<float>  $ages
     * @param  list<float>  $lengths
     * @return list<list<float>> the best starts of the grid
     */
    private function scan(array $ages, array $lengths): array
    {
        $span = max($ages) - min($ages);
        $found = [];
        for ($i = 0; $i < self::COEFFICIENTS; $i++) {
            $bend = self::LEAST_BEND * (self::MOST_BEND / self::LEAST_BEND) ** ($i / (self::COEFFICIENTS - 1));
            $bestOfRow = null;
            foreach ($this->locations(min($ages), $span) as $location) {
                $candidate = $this->solveAsymptote($ages, $lengths, $bend / $span, $location);
                if ($candidate !== null && ($bestOfRow === null || $candidate[0] < $bestOfRow[0])) {
                    $bestOfRow = $candidate;
                }
            }
            if ($bestOfRow !== null) {
                $found[] = $bestOfRow;
            }
        }
        usort($found, fn (array $a, array $b): int => $a[0] <=> $b[0]);

        return array_column(array_slice($found, 0, self::POLISHED), 1);
    }

    /** @return list<float> */
    private function locations(float $firstAge, float $span): array
    {
        if ($this->fixedZero) {
            return [0.0];
        }

        return array_map(fn (int $i): float => $firstAge + $span * (2 * $i / (self::LOCATIONS - 1) - 1), range(0, self::LOCATIONS - 1));
    }

    /**
     * @param  list<float>  $ages
     * @param  list<float>  $lengths
     * @return array{float, list<float>}|null sum of squares and parameters
     */
    private function solveAsymptote(array $ages, array $lengths, float $coefficient, float $location): ?array
    {
        $product = $square = $total = 0.0;
        foreach ($ages as $i => $age) {
            $shape = $this->curve->shape($coefficient * ($age - $location));
            $product += $shape * $lengths[$i];
            $square += $shape * $shape;
            $total += $lengths[$i] ** 2;
        }
        if (! is_finite($square) || $square <= 0.0 || $product <= 0.0) {
            return null;
        }

        return [$total - $product ** 2 / $square, array_slice([$product / $square, $coefficient, $location], 0, $this->parameterCount())];
    }

    /**
     * @param  list<float>  $ages
     * @param  list<float>  $lengths
     * @param  list<float>  $from
     */
    private function polish(array $ages, array $lengths, array $from): ?LeastSquaresResult
    {
        try {
            $result = (new LevenbergMarquardt(400, 1e-15))->minimise(
                fn (array $at): array => $this->residuals($at, $ages, $lengths),
                $from,
            );
        } catch (InvalidArgumentException) {
            return null; // So far off that the curve is no number there.
        }

        return $result->parameters[0] > 0.0 && $result->parameters[1] > 0.0 ? $result : null;
    }

    /**
     * @param  array<int, float>  $at
     * @param  list<float>  $ages
     * @param  list<float>  $lengths
     * @return array{list<float>, list<list<float>>} residuals and their derivatives
     */
    private function residuals(array $at, array $ages, array $lengths): array
    {
        [$asymptote, $coefficient] = $at;
        $location = $at[2] ?? 0.0;
        $residuals = $jacobian = [];
        foreach ($ages as $i => $age) {
            $x = $coefficient * ($age - $location);
            [$shape, $slope] = $this->curve->shapeAndSlope($x);
            $slope *= $asymptote;
            $residuals[] = $asymptote * $shape - $lengths[$i];
            $jacobian[] = $this->fixedZero ? [$shape, $slope * ($age - $location)] : [$shape, $slope * ($age - $location), -$slope * $coefficient];
        }

        return [$residuals, $jacobian];
    }

    private function report(LeastSquaresResult $result, int $n): CurveFit
    {
        $p = $this->parameterCount();
        $variance = $result->sumOfSquares / ($n - $p);
        $inverse = Cholesky::of($result->normalMatrix)?->inverse() ?? throw CurveFitFailed::becauseTheLengthsDoNotLevelOff();
        $estimate = fn (int $i): Estimate => new Estimate($result->parameters[$i], sqrt($variance * $inverse[$i][$i]));

        return new CurveFit(
            $this->curve,
            $n,
            $estimate(0),
            $estimate(1),
            $this->fixedZero ? null : $estimate(2),
            $result->sumOfSquares,
            sqrt($variance),
            self::aicc($result->sumOfSquares, $n, $p + 1),
        );
    }

    /** Hurvich and Tsai (1989), Biometrika 76, 297-307; the error variance counts as a parameter. */
    private static function aicc(float $sumOfSquares, int $n, int $parameters): ?float
    {
        $free = $n - $parameters - 1;

        return $free > 0 && $sumOfSquares > 0.0
            ? $n * log($sumOfSquares / $n) + 2 * $parameters + 2 * $parameters * ($parameters + 1) / $free
            : null;
    }
}
