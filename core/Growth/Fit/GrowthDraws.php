<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;

/**
 * Possible growths of one fish, weighted by how well they agree with what is
 * known of it. Growth time counts from the first length, in years.
 */
final readonly class GrowthDraws
{
    /**
     * @param  list<float>  $start  length at growth time zero, millimetres
     * @param  list<float>  $asymptote  millimetres, at least the start
     * @param  list<float>  $coefficient  per year
     * @param  list<float>  $deviation  how far its growth time had run ahead at the last length, years
     * @param  list<float>  $wander  fixed standard normal for the way growth time goes on from there
     * @param  list<float>  $weight  sum 1
     * @param  list<float>  $outlierProbability  for each observation
     */
    public function __construct(
        private GrowthCurve $curve,
        public array $start,
        public array $asymptote,
        public array $coefficient,
        private array $deviation,
        private array $wander,
        public array $weight,
        public array $outlierProbability,
        private float $lastTime,
        private float $processVariation,
        /** Logarithm of the probability of the lengths under the prior, up to a constant. */
        public float $logEvidence = 0.0,
        /** True when the data and the species disagree so much that only the species was used. */
        public bool $isWide = false,
    ) {
    }

    /**
     * The length of every draw at growth times after the last length.
     *
     * @param  non-empty-list<float>  $times  rising, not before the last length
     * @return non-empty-list<list<float>> for each time the lengths in the order of the draws, never shrinking in time
     */
    public function lengthsAt(array $times): array
    {
        $lengths = [];
        $latest = array_fill(0, count($this->start), 0.0);
        foreach ($times as $time) {
            $step = $this->processVariation * sqrt(max(0.0, $time - $this->lastTime));
            foreach ($this->deviation as $s => $deviation) {
                $own = $time + $deviation + $step * $this->wander[$s];
                $latest[$s] = $own > $latest[$s] ? $own : $latest[$s];
            }
            $lengths[] = $this->curve->lengthsAt($this->start, $this->asymptote, $this->coefficient, $latest);
        }

        return $lengths;
    }

    /**
     * The growth time at which every draw reaches the length: the earliest
     * asked when it is there by then, infinite when it never gets there.
     *
     * @param  float  $earliest  growth time, not before the last length
     * @return list<float>
     */
    public function timesUntil(float $length, float $earliest): array
    {
        $times = [];
        foreach ($this->curve->timesUntil($length, $this->start, $this->asymptote, $this->coefficient) as $s => $own) {
            // Its own time runs as t + deviation + wander * sqrt(t - last): a square in the root of the time since.
            $since = $own - $this->deviation[$s] - $this->lastTime;
            $half = $this->processVariation * $this->wander[$s] / 2;
            $root = $since > 0.0 ? sqrt($half * $half + $since) - $half : 0.0;
            $times[] = $own > 0.0 ? max($earliest, $this->lastTime + $root * $root) : $earliest;
        }

        return $times;
    }

    /**
     * The length of every draw at a growth time between the first length and
     * the last; the deviation is taken to have grown evenly until the last.
     *
     * @return list<float>
     */
    public function lengthsBehind(float $time): array
    {
        $share = $this->lastTime > 0.0 ? min(1.0, $time / $this->lastTime) : 0.0;
        $own = array_map(fn (float $deviation): float => max(0.0, $time + $share * $deviation), $this->deviation);

        return $this->curve->lengthsAt($this->start, $this->asymptote, $this->coefficient, $own);
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
