<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** What tells a species from another that it is taken for. */
final readonly class TellingMark
{
    public function __construct(
        /** The other species, by its key. */
        public string $from,
        /** In words. */
        public string $marks,
        /** Length from which it can be seen, millimetres. */
        public float $showsAt,
    ) {
    }
}
