<?php

declare(strict_types=1);

namespace Biomegas\Company\Rank;

/** Where one stands among those it lives with. */
final readonly class Standing
{
    public function __construct(
        public string $key,
        /** David's score: above zero it wins more than it loses, against stronger ones. */
        public float $score,
        public int $won,
        public int $lost,
        /** How likely it is above all others, from 0 to 1. */
        public float $first,
    ) {
    }
}
