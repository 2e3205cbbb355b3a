<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;
use Biomegas\Growth\Pace\PaceLevels;

/** Draws from a proposal, each with how well it agrees with what is known. */
final readonly class ImportanceSample
{
    private float $greatest;

    /** @var list<float> sum 1 unless every draw is impossible */
    private array $weight;

    /**
     * @param  list<int>  $levels  of each draw its level of the pace
     * @param  list<float>  $logWeight  of each draw
     */
    public function __construct(
        private DrawnParameters $at,
        private array $levels,
        private array $logWeight,
        private FollowedDraws $followed,
        private ProposalTable $table,
    ) {
        $this->greatest = max([-INF, ...$logWeight]);
        $weight = [];
        $sum = 0.0;
        foreach ($logWeight as $log) {
            $sum += $weight[] = $this->greatest === -INF ? 0.0 : exp($log - $this->greatest);
        }
        foreach ($weight as $s => $share) {
            $weight[$s] = $sum > 0.0 ? $share / $sum : 0.0;
        }
        $this->weight = $weight;
    }

    /** Logarithm of the mean weight: of the probability of the lengths under the prior, up to a constant. */
    public function logEvidence(): float
    {
        // The greatest weight is one over the sum of all when they are scaled to it.
        return $this->greatest === -INF ? -INF : $this->greatest - log(max([0.0, ...$this->weight]) * count($this->weight));
    }

    /** Kish's effective number of equally weighted draws. */
    public function effectiveCount(): float
    {
        $squares = 0.0;
        foreach ($this->weight as $weight) {
            $squares += $weight * $weight;
        }

        return $squares > 0.0 ? 1 / $squares : 0.0;
    }

    /** A normal with the mean and covariance of the draws; null when they have no breadth. */
    public function asPeak(): ?Peak
    {
        $logs = [$this->at->logAsymptote, $this->at->logCoefficient, $this->at->logStart];
        $mean = [$this->average($logs[0]), $this->average($logs[1]), $this->average($logs[2])];
        $covariance = [];
        foreach ([0, 1, 2] as $i) {
            foreach ([0, 1, 2] as $j) {
                $covariance[$i][$j] = $this->average(array_map(fn (float $x, float $y): float => ($x - $mean[$i]) * ($y - $mean[$j]), $logs[$i], $logs[$j]));
            }
        }

        return Peak::normal($mean, $covariance);
    }

    public function toDraws(GrowthCurve $curve, float $lastTime): GrowthDraws
    {
        $levels = PaceLevels::all();
        $starts = $asymptotes = $deviations = $paces = $ofPaces = [];
        foreach ($this->at->start as $s => $start) {
            // A curve scales with its lengths: read a hundredth too long, it is the same curve a hundredth longer.
            $reading = exp(sqrt($levels[$this->levels[$s]]->lengthVariance(GrowthDraws::READING_ERROR)) * $this->table->ofReading[$s]);
            $starts[] = $reading * $start;
            $asymptotes[] = $reading * ($start > $this->at->asymptote[$s] ? $start : $this->at->asymptote[$s]);
            // The pace as it is when growth has run ahead by this much.
            [$variance, $both, $normal] = [$this->followed->ofDeviation[$s], $this->followed->ofBoth[$s], $this->table->ofDeviation[$s]];
            $root = sqrt($variance);
            $deviations[] = $this->followed->deviation[$s] + $root * $normal;
            $paces[] = $this->followed->pace[$s] + ($variance > 0.0 ? $both / $root * $normal : 0.0);
            $ofPaces[] = max(0.0, $this->followed->ofPace[$s] - ($variance > 0.0 ? $both * $both / $variance : 0.0));
        }

        return new GrowthDraws(
            $curve, $starts, $asymptotes, $this->at->coefficient,
            new DrawnPaces($this->levels, $deviations, $paces, $ofPaces, $this->table->ofWander, $lastTime),
            $this->weight, array_map($this->average(...), $this->followed->outlier), $this->logEvidence(),
        );
    }

    /** @param  list<float>  $values by draw */
    private function average(array $values): float
    {
        $sum = 0.0;
        foreach ($values as $s => $value) {
            $sum += $this->weight[$s] * $value;
        }

        return $sum;
    }
}
