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
     * @param  list<float>  $slipProbability  for each observation
     */
    public function __construct(
        private GrowthCurve $curve,
        public array $start,
        public array $asymptote,
        public array $coefficient,
        private array $deviation,
        private array $wander,
        public array $weight,
        public array $slipProbability,
        private float $lastTime,
        private float $processVariation,
        /** Logarithm of the probability of the lengths under the prior, up to a constant. */
        public float $logEvidence = 0.0,
        /** True when the data and the kind disagree so much that only the kind was used. */
        public bool $isWide = false,
    ) {
    }

    /**
     * The length of every draw at growth times after the last length.
     *
     * @param  list<float>  $times  rising, not before the last length
     * @return array<int, list<float>> for each time the lengths in the order of the draws, never shrinking in time
     */
    public function lengthsAt(array $times): array
    {
        $steps = array_map(fn (float $time): float => $this->processVariation * sqrt(max(0.0, $time - $this->lastTime)), $times);
        $lengths = array_fill(0, count($times), []);
        foreach ($this->deviation as $s => $deviation) {
            $wander = $this->wander[$s];
            $own = [];
            $latest = 0.0;
            foreach ($times as $i => $time) {
                $at = $time + $deviation + $steps[$i] * $wander;
                $own[] = $latest = $at > $latest ? $at : $latest;
            }
            foreach ($this->curve->lengthsAt($this->start[$s], $this->asymptote[$s], $this->coefficient[$s], $own) as $i => $length) {
                $lengths[$i][] = $length;
            }
        }

        return $lengths;
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
        $lengths = [];
        foreach ($this->deviation as $s => $deviation) {
            $own = max(0.0, $time + $share * $deviation);
            $lengths[] = $this->curve->lengthAt($this->start[$s], $this->asymptote[$s], $this->coefficient[$s], $own);
        }

        return $lengths;
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
