<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

/** What the deviation filter found of each draw, in the order of the draws. */
final readonly class FollowedDraws
{
    /**
     * @param  array<int, float>  $logLikelihood
     * @param  array<int, float>  $deviation  of its growth time at the last length, years
     * @param  array<int, float>  $variance  of that deviation
     * @param  list<list<float>>  $outlier  for each entry the probability, draw by draw, to be an outlier
     */
    public function __construct(
        public array $logLikelihood,
        public array $deviation,
        public array $variance,
        public array $outlier,
    ) {
    }
}
