<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

/** What the filter of the pace found of each draw until the last length, in the order of the draws. It is filled entry by entry. */
final class FollowedDraws
{
    /**
     * @param  array<int, float>  $logLikelihood
     * @param  array<int, float>  $deviation  how far its growth time has run ahead, years
     * @param  array<int, float>  $pace  how much faster it goes than its curve
     * @param  array<int, float>  $ofDeviation  variance, years squared
     * @param  array<int, float>  $ofBoth  covariance, years
     * @param  array<int, float>  $ofPace  variance
     * @param  list<list<float>>  $outlier  for each entry the probability, draw by draw, to be an outlier
     */
    public function __construct(
        public array $logLikelihood,
        public array $deviation,
        public array $pace,
        public array $ofDeviation,
        public array $ofBoth,
        public array $ofPace,
        public array $outlier,
    ) {
    }
}
