<?php

declare(strict_types=1);

namespace Biomegas\Losses;

use Biomegas\Calendar\LocalDate;

/** What several low counts running make likely. */
final readonly class ProposedLoss
{
    public function __construct(
        public int $missing,
        /** When as many as believed were last seen or came. */
        public LocalDate $lastSeen,
        /** The first of the low counts. */
        public LocalDate $since,
    ) {
    }
}
