<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;
use Biomegas\Growth\Pace\PaceBelief;
use Biomegas\Growth\Pace\PaceLevels;
use Biomegas\Growth\Pace\PaceStep;
use Biomegas\Numerics\ScrambledHalton;
use Biomegas\Numerics\StandardNormal;

/**
 * Fits the growth of one fish: importance sampling about the most probable
 * growth at each level of the pace, broad enough that the tails are covered.
 * Inside each draw a filter follows how far growth runs ahead.
 */
final readonly class FishFit
{
    /** Spread evenly, these are as sharp as 512 left to chance. */
    public const DRAWS = 256;

    private const SECOND_ROUND_DRAWS = 512;

    private const DRAWS_OF_PRIOR = 512;

    private const LEAST_EFFECTIVE_DRAWS = 50;

    /** Of a draw from the prior: asymptote, coefficient, start, and the way growth time wanders. */
    private const NORMALS_OF_PRIOR = 4;

    private PaceBelief $belief;

    public function __construct(
        private GrowthCurve $curve,
        private GrowthPrior $prior,
        ?PaceBelief $belief = null,
        private int $draws = self::DRAWS,
    ) {
        $this->belief = $belief ?? PaceBelief::usual();
    }

    /** @param  list<Observation>  $observations by growth time, the first at zero */
    public function fit(array $observations): GrowthDraws
    {
        if ($observations === []) {
            return $this->fromPrior(self::DRAWS_OF_PRIOR, null, 0.0);
        }
        $peaks = new MapEstimator($this->curve, $this->prior, PaceStep::WANDER);
        $round = $this->sample($this->draws, $observations, new Proposal([$this->levels($peaks->find($observations), $observations)], $this->belief->shares));
        if ($round->effectiveCount() < self::LEAST_EFFECTIVE_DRAWS) {
            $readings = array_map(fn (Peak $peak): LevelPeaks => $this->levels($peak, $observations), $peaks->findAll($observations));
            $round = $this->sample(self::SECOND_ROUND_DRAWS, $observations, new Proposal($readings, $this->belief->shares, $round->asPeak()));
        }
        if ($round->effectiveCount() < self::LEAST_EFFECTIVE_DRAWS) {
            $last = $observations[count($observations) - 1];

            return $this->fromPrior(self::DRAWS_OF_PRIOR, $last, $last->time);
        }

        return $round->toDraws($this->curve, $observations[count($observations) - 1]->time);
    }

    /** @param  non-empty-list<Observation>  $observations */
    private function levels(Peak $base, array $observations): LevelPeaks
    {
        return LevelPeaks::about($base, $this->curve, $this->prior, $observations);
    }

    /** @param  non-empty-list<Observation>  $observations */
    private function sample(int $draws, array $observations, Proposal $proposal): ImportanceSample
    {
        $table = ProposalTable::of($draws);
        [$at, $levels] = $proposal->draw($table);
        $followed = (new PaceFilter($this->curve, $observations))->follow($at, $levels);
        $logPriors = $this->prior->logDensities($at->logAsymptote, $at->logCoefficient);
        $logWeights = [];
        foreach ($proposal->logDensities($at, $levels) as $s => $logProposal) {
            $logWeight = $followed->logLikelihood[$s] + $logPriors[$s] - $logProposal;
            $logWeights[] = is_finite($logWeight) ? $logWeight : -INF;
        }

        return new ImportanceSample($at, $levels, $logWeights, $followed, $table);
    }

    /** What the species alone says, from the last length on where there is one. */
    private function fromPrior(int $draws, ?Observation $last, float $lastTime): GrowthDraws
    {
        $all = PaceLevels::all();
        $starts = $asymptotes = $coefficients = $deviations = $ofPaces = $wander = $weights = [];
        $levels = self::spread($this->belief->shares, $draws);
        foreach (self::normals($draws) as $s => $z) {
            $logStart = $last === null
                ? $this->prior->logStart + $this->prior->logStartSpread * $z[2]
                : $last->logLength + $last->error * $z[2];
            $starts[] = exp($logStart);
            [$logAsymptote, $logCoefficient] = $this->prior->draw($z[0], $z[1]);
            $asymptotes[] = exp(max($logStart, $logAsymptote));
            $coefficients[] = exp($logCoefficient);
            $deviations[] = -$lastTime;
            $ofPaces[] = $all[$levels[$s]]->spread ** 2;
            $wander[] = $z[3];
            $weights[] = 1 / $draws;
        }

        return new GrowthDraws(
            $this->curve, $starts, $asymptotes, $coefficients,
            new DrawnPaces($levels, $deviations, array_fill(0, $draws, 0.0), $ofPaces, $wander, $lastTime),
            $weights, [], isWide: $last !== null,
        );
    }

    /**
     * @param  list<float>  $shares  sum 1
     * @return list<int> as many of each level as its share says, well mixed
     */
    private static function spread(array $shares, int $draws): array
    {
        $levels = [];
        foreach (ProposalTable::of($draws)->part as $part) {
            $level = 0;
            for ($until = $shares[0]; $until < $part && $level < count($shares) - 1; $until += $shares[$level]) {
                $level++;
            }
            $levels[] = $level;
        }

        return $levels;
    }

    /** @return list<list<float>> for each draw its normals */
    private static function normals(int $draws): array
    {
        /** @var array<int, list<list<float>>> $tables */
        static $tables = [];

        return $tables[$draws] ??= array_map(
            fn (array $point): array => array_map(StandardNormal::quantile(...), $point),
            ScrambledHalton::of($draws, self::NORMALS_OF_PRIOR),
        );
    }
}
