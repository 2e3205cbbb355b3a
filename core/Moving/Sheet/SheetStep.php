<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

/** One thing to do on a move, and why in a few words. */
final readonly class SheetStep
{
    public function __construct(
        public string $key,
        public Phase $phase,
        public string $words,
        public string $why,
        /** For a timer; null: it takes as long as it takes. */
        public ?float $minutes = null,
    ) {
    }
}
