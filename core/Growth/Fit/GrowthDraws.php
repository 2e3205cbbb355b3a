<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;
use Biomegas\Numerics\PackedFloats;

/**
 * Possible growths of one fish, weighted by how well they agree with what is
 * known of it. Growth time counts from the first length, in years. Lengths are
 * those that somebody who measures by hand would read, not the true ones: only
 * those can be held against what comes.
 */
final readonly class GrowthDraws
{
    /** Of a length measured by hand, which is what is forecast. Common practice, no published source. */
    public const READING_ERROR = 0.01;

    /**
     * @param  list<float>  $start  length at growth time zero, millimetres
     * @param  list<float>  $asymptote  millimetres, at least the start
     * @param  list<float>  $coefficient  per year
     * @param  list<float>  $weight  sum 1
     * @param  list<float>  $outlierProbability  for each observation
     */
    public function __construct(
        private GrowthCurve $curve,
        public array $start,
        public array $asymptote,
        public array $coefficient,
        private DrawnPaces $paces,
        public array $weight,
        public array $outlierProbability,
        /** Logarithm of the probability of the lengths under the prior, up to a constant. */
        public float $logEvidence = 0.0,
        /** True when the data and the species disagree so much that only the species was used. */
        public bool $isWide = false,
    ) {
    }

    /** @return list<mixed> for a memory */
    public function __serialize(): array
    {
        return [
            $this->curve, ...array_map(PackedFloats::of(...), [$this->start, $this->asymptote, $this->coefficient, $this->weight]),
            $this->paces, $this->outlierProbability, $this->logEvidence, $this->isWide,
        ];
    }

    /** @param  array{GrowthCurve, string, string, string, string, DrawnPaces, list<float>, float, bool}  $kept */
    public function __unserialize(array $kept): void
    {
        $this->curve = $kept[0];
        [$this->start, $this->asymptote, $this->coefficient, $this->weight] = array_map(PackedFloats::read(...), array_slice($kept, 1, 4));
        [$this->paces, $this->outlierProbability, $this->logEvidence, $this->isWide] = array_slice($kept, 5);
    }

    /**
     * The length of every draw at growth times after the last length.
     *
     * @param  non-empty-list<float>  $times  rising, not before the last length
     * @return non-empty-list<list<float>> for each time the lengths in the order of the draws, never shrinking in time
     */
    public function lengthsAt(array $times): array
    {
        return array_map(
            fn (array $own): array => $this->curve->lengthsAt($this->start, $this->asymptote, $this->coefficient, $own),
            $this->paces->ownTimesAt($times),
        );
    }

    /**
     * The growth time at which every draw reaches the length: the earliest
     * asked when it is there by then, infinite when it never gets there.
     *
     * @param  float  $earliest  growth time, not before the last length
     * @param  list<int>|null  $only  these draws; null: all
     * @return list<float>
     */
    public function timesUntil(float $length, float $earliest, ?array $only = null): array
    {
        if ($only === null) {
            return $this->paces->timesUntil($this->curve->timesUntil($length, $this->start, $this->asymptote, $this->coefficient), $earliest);
        }
        $of = array_flip($only);

        return $this->paces->timesUntil(array_combine($only, $this->curve->timesUntil($length, ...array_map(fn (array $all): array => array_values(array_intersect_key($all, $of)), [$this->start, $this->asymptote, $this->coefficient]))), $earliest);
    }

    /**
     * The length of every draw at a growth time between the first length and
     * the last; the deviation is taken to have grown evenly until the last.
     *
     * @return list<float>
     */
    public function lengthsBehind(float $time): array
    {
        return $this->curve->lengthsAt($this->start, $this->asymptote, $this->coefficient, $this->paces->ownTimesBehind($time));
    }

    /**
     * Mean and covariance of the logarithms of asymptote and coefficient.
     *
     * @return array{array{float, float}, array{array{float, float}, array{float, float}}}
     */
    public function moments(): array
    {
        $a = $k = $aa = $ak = $kk = 0.0;
        foreach ($this->weight as $s => $weight) {
            [$logA, $logK] = [log($this->asymptote[$s]), log($this->coefficient[$s])];
            $a += $weight * $logA;
            $k += $weight * $logK;
            $aa += $weight * $logA * $logA;
            $ak += $weight * $logA * $logK;
            $kk += $weight * $logK * $logK;
        }

        return [[$a, $k], [[$aa - $a * $a, $ak - $a * $k], [$ak - $a * $k, $kk - $k * $k]]];
    }
}
