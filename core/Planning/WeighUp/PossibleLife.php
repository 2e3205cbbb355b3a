<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

use Biomegas\Measure\Share;

/** What would come of a fish if it is of this species. */
final readonly class PossibleLife
{
    public function __construct(
        public Candidate $candidate,
        /** How likely that is. */
        public Share $share,
        public WeighUp $weighed,
    ) {
    }
}
