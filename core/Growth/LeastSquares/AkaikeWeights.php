<?php

declare(strict_types=1);

namespace Biomegas\Growth\LeastSquares;

/** How far each of several curves is supported by the data: Burnham and Anderson (2002), Model Selection and Multimodel Inference. */
final readonly class AkaikeWeights
{
    /**
     * @param  non-empty-list<CurveFit>  $fits  to the same data
     * @return list<float> sum 1, in the same order; even when there are too few data to tell
     */
    public static function of(array $fits): array
    {
        $criteria = array_map(fn (CurveFit $fit): ?float => $fit->aicc, $fits);
        if (in_array(null, $criteria, true)) {
            return array_map(fn (): float => 1 / count($fits), $fits);
        }
        $least = min($criteria);
        $likelihoods = array_map(fn (float $aicc): float => exp(-($aicc - $least) / 2), $criteria);
        $sum = array_sum($likelihoods);

        return array_map(fn (float $likelihood): float => $likelihood / $sum, $likelihoods);
    }
}
