<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Housing\Verdict\Verdict;

/** One home in the chain that a fish needs. */
final readonly class StayAhead
{
    public function __construct(
        public System $system,
        public LocalDate $from,
        /** When to move it on: at a share of the limit, before it must. Null: not within the horizon. */
        public ?LocalDate $move,
        /** The first day on which the home may hold it no longer. Null: not within the horizon. */
        public ?LocalDate $leave,
        /** Likely length at the end of the stay, or as far as can be seen; millimetres. */
        public float $lengthAtEnd,
        /** It fits as a grown one too. */
        public bool $isForLife,
        /** What ends the stay. */
        public ?Verdict $because,
        /** @var list<Verdict> what must be put right there first */
        public array $toMend,
    ) {
    }
}
