<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;
use Biomegas\Growth\LeastSquares\Cholesky;
use LogicException;

/** One round of importance sampling, while it is gathered. */
final class SampledRound
{
    /** @var list<array{float, float, float}> logarithms of asymptote, coefficient, start */
    private array $at = [];

    /** @var list<float> */
    private array $logWeight = [];

    /** @var list<float> */
    private array $deviation = [];

    /** @var list<float> */
    private array $wander = [];

    /** @var list<list<float>> */
    private array $slips = [];

    /** @var non-empty-list<float>|null sum 1 */
    private ?array $weight = null;

    public function __construct(private readonly int $observations)
    {
    }

    /**
     * @param  array{float, float, float}  $at
     * @param  array{float, float, float, list<float>}  $followed  as the deviation filter gives it
     * @param  float  $logCorrection  log prior minus log proposal
     */
    public function add(array $at, array $followed, float $logCorrection, float $deviationNormal, float $wanderNormal): void
    {
        [$logLikelihood, $deviation, $spread, $slips] = $followed;
        $logWeight = $logLikelihood + $logCorrection;
        if (! is_finite($logWeight)) {
            return;
        }
        $this->at[] = $at;
        $this->logWeight[] = $logWeight;
        $this->deviation[] = $deviation + $spread * $deviationNormal;
        $this->wander[] = $wanderNormal;
        $this->slips[] = $slips;
    }

    /** Logarithm of the mean weight: of the probability of the lengths under the prior, up to a constant. */
    public function logEvidence(): float
    {
        if ($this->logWeight === []) {
            return -INF;
        }
        $greatest = max($this->logWeight);

        return $greatest + log(array_sum(array_map(fn (float $w): float => exp($w - $greatest), $this->logWeight)) / count($this->logWeight));
    }

    /** Kish's effective number of equally weighted draws. */
    public function effectiveCount(): float
    {
        if ($this->logWeight === []) {
            return 0.0;
        }
        $squares = array_sum(array_map(fn (float $w): float => $w * $w, $this->weights()));

        return $squares > 0.0 ? 1 / $squares : 0.0;
    }

    /** @return array{float, float, float} */
    public function mean(): array
    {
        $mean = [0.0, 0.0, 0.0];
        foreach ($this->weights() as $s => $weight) {
            foreach ([0, 1, 2] as $i) {
                $mean[$i] += $weight * $this->at[$s][$i];
            }
        }

        return $mean;
    }

    /** Root of the inverse of the weighted covariance; null when the draws have no breadth. */
    public function precision(): ?Cholesky
    {
        if ($this->logWeight === []) {
            return null;
        }
        $mean = $this->mean();
        $covariance = array_fill(0, 3, [0.0, 0.0, 0.0]);
        foreach ($this->weights() as $s => $weight) {
            foreach ([0, 1, 2] as $i) {
                foreach ([0, 1, 2] as $j) {
                    $covariance[$i][$j] += $weight * ($this->at[$s][$i] - $mean[$i]) * ($this->at[$s][$j] - $mean[$j]);
                }
            }
        }
        $root = Cholesky::of($covariance);

        return $root === null ? null : Cholesky::of($root->inverse());
    }

    public function toDraws(GrowthCurve $curve, float $lastTime, float $processVariation): GrowthDraws
    {
        $slips = array_fill(0, $this->observations, 0.0);
        $starts = $asymptotes = $coefficients = [];
        foreach ($this->weights() as $s => $weight) {
            [$logAsymptote, $logCoefficient, $logStart] = $this->at[$s];
            $starts[] = exp($logStart);
            $asymptotes[] = exp(max($logAsymptote, $logStart));
            $coefficients[] = exp($logCoefficient);
            foreach ($this->slips[$s] as $i => $probability) {
                $slips[$i] += $weight * $probability;
            }
        }

        return new GrowthDraws(
            $curve, $starts, $asymptotes, $coefficients, $this->deviation, $this->wander,
            $this->weights(), array_values($slips), $lastTime, $processVariation, $this->logEvidence(),
        );
    }

    /** @return non-empty-list<float> sum 1 */
    private function weights(): array
    {
        if ($this->weight === null) {
            if ($this->logWeight === []) {
                throw new LogicException('No draw was added to this round.');
            }
            $greatest = max($this->logWeight);
            $raw = array_map(fn (float $w): float => exp($w - $greatest), $this->logWeight);
            $sum = array_sum($raw);
            $this->weight = array_map(fn (float $w): float => $w / $sum, $raw);
        }

        return $this->weight;
    }
}
