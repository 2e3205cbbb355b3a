<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;
use Biomegas\Numerics\ScrambledHalton;
use Biomegas\Numerics\StandardNormal;

/**
 * Fits the growth of one fish: importance sampling about the most probable
 * growth, with a broad Student t so that the tails are covered. Growth time
 * itself wanders a little; a scalar filter follows it inside each draw.
 */
final readonly class FishFit
{
    /** Standard deviation of growth time after one year of it, in years to the half. */
    public const PROCESS_VARIATION = 0.03;

    /** Spread evenly, these are as sharp as 512 left to chance. */
    public const DRAWS = 256;

    private const SECOND_ROUND_DRAWS = 512;

    private const DRAWS_OF_PRIOR = 512;

    private const LEAST_EFFECTIVE_DRAWS = 50;

    private const PROPOSAL_WIDENING = 1.15;

    private const SECOND_ROUND_WIDENING = 1.5;

    /** Of a draw from the prior: asymptote, coefficient, start, and the way growth time wanders. */
    private const NORMALS_OF_PRIOR = 4;

    public function __construct(
        private GrowthCurve $curve,
        private GrowthPrior $prior,
        private float $processVariation = self::PROCESS_VARIATION,
        private int $draws = self::DRAWS,
    ) {
    }

    /** @param  list<Observation>  $observations by growth time, the first at zero */
    public function fit(array $observations): GrowthDraws
    {
        if ($observations === []) {
            return $this->fromPrior(self::DRAWS_OF_PRIOR, null, 0.0);
        }
        $peaks = new MapEstimator($this->curve, $this->prior, $this->processVariation);
        $round = $this->sample($this->draws, $observations, new Proposal([$peaks->find($observations)], self::PROPOSAL_WIDENING));
        if ($round->effectiveCount() < self::LEAST_EFFECTIVE_DRAWS) {
            $around = $peaks->findAll($observations);
            $drawn = $round->asPeak();
            $round = $this->sample(self::SECOND_ROUND_DRAWS, $observations, new Proposal($drawn === null ? $around : [...$around, $drawn], self::SECOND_ROUND_WIDENING));
        }
        if ($round->effectiveCount() < self::LEAST_EFFECTIVE_DRAWS) {
            $last = $observations[count($observations) - 1];

            return $this->fromPrior(self::DRAWS_OF_PRIOR, $last, $last->time);
        }

        return $round->toDraws($this->curve, $observations[count($observations) - 1]->time, $this->processVariation);
    }

    /** @param  non-empty-list<Observation>  $observations */
    private function sample(int $draws, array $observations, Proposal $proposal): ImportanceSample
    {
        $table = ProposalTable::of($draws);
        $at = $proposal->draw($table);
        $followed = (new KalmanFilter($this->curve, $observations, $this->processVariation))->follow($at);
        $logPriors = $this->prior->logDensities($at->logAsymptote, $at->logCoefficient);
        $logWeights = [];
        foreach ($proposal->logDensities($at, $table) as $s => $logProposal) {
            $logWeight = $followed->logLikelihood[$s] + $logPriors[$s] - $logProposal;
            $logWeights[] = is_finite($logWeight) ? $logWeight : -INF;
        }

        return new ImportanceSample($at, $logWeights, $followed, $table);
    }

    /** What the species alone says, from the last length on where there is one. */
    private function fromPrior(int $draws, ?Observation $last, float $lastTime): GrowthDraws
    {
        $starts = $asymptotes = $coefficients = $deviations = $wander = $weights = [];
        foreach (self::normals($draws) as $z) {
            $logStart = $last === null
                ? $this->prior->logStart + $this->prior->logStartSpread * $z[2]
                : $last->logLength + $last->error * $z[2];
            $starts[] = exp($logStart);
            [$logAsymptote, $logCoefficient] = $this->prior->draw($z[0], $z[1]);
            $asymptotes[] = exp(max($logStart, $logAsymptote));
            $coefficients[] = exp($logCoefficient);
            $deviations[] = -$lastTime;
            $wander[] = $z[3];
            $weights[] = 1 / $draws;
        }

        return new GrowthDraws(
            $this->curve, $starts, $asymptotes, $coefficients, $deviations, $wander,
            $weights, [], $lastTime, $this->processVariation, isWide: $last !== null,
        );
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
