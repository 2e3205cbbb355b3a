<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Curve\GrowthCurve;

/**
 * How much growth time wanders in a facility, told from fish with several
 * lengths: each value of a grid is weighed by how probable it makes them all.
 */
final readonly class ProcessVariation
{
    /** Years to the half. */
    private const GRID = [0.0, 0.02, 0.04, 0.06, 0.09, 0.13];

    private const LEAST_FISH = 10;

    private const LEAST_LENGTHS = 3;

    /** Enough to tell; more only takes longer. */
    private const MOST_FISH = 24;

    private const DRAWS = 128;

    /**
     * @param  list<array{GrowthCurve, GrowthPrior, list<Observation>}>  $fish
     * @return float years to the half; the usual value while there are too few fish
     */
    public static function estimate(array $fish): float
    {
        $telling = array_values(array_filter($fish, fn (array $series): bool => count($series[2]) >= self::LEAST_LENGTHS));
        if (count($telling) < self::LEAST_FISH) {
            return FishFit::PROCESS_VARIATION;
        }
        usort($telling, fn (array $a, array $b): int => count($b[2]) <=> count($a[2]));
        $logBeliefs = [];
        foreach (self::GRID as $variation) {
            $logBelief = 0.0;
            foreach (array_slice($telling, 0, self::MOST_FISH) as [$curve, $prior, $observations]) {
                $logBelief += (new FishFit($curve, $prior, $variation, self::DRAWS))->fit($observations)->logEvidence;
            }
            $logBeliefs[] = $logBelief;
        }
        $greatest = max($logBeliefs);
        $sum = $mean = 0.0;
        foreach (self::GRID as $i => $variation) {
            $belief = exp($logBeliefs[$i] - $greatest);
            $sum += $belief;
            $mean += $belief * $variation;
        }

        return $mean / $sum;
    }
}
