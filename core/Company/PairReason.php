<?php

declare(strict_types=1);

namespace Biomegas\Company;

use Biomegas\Finding\Finding;

/** One thing that speaks against two sharing a home. */
final readonly class PairReason
{
    public function __construct(
        public Finding $finding,
        /** What it adds to the odds of trouble. */
        public float $weight,
        /** It forbids it by itself, whatever the odds. */
        public bool $isFinal = false,
    ) {
    }
}
