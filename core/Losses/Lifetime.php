<?php

declare(strict_types=1);

namespace Biomegas\Losses;

/** How long some were kept, and whether that ended by their death. */
final readonly class Lifetime
{
    public function __construct(
        /** Days from their arrival on. */
        public int $days,
        /** False: they live, or were given away alive. */
        public bool $hasDied,
        /** How many of them. */
        public int $count = 1,
    ) {
    }
}
