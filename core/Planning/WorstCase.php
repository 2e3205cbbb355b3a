<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Facility\Species;
use Biomegas\Growth\Projection\OutgrowWindow;

/** The species, of those that a fish may be, that would outgrow a home first. */
final readonly class WorstCase
{
    public function __construct(
        public Species $species,
        public OutgrowWindow $outgrows,
    ) {
    }
}
