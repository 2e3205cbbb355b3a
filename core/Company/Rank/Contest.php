<?php

declare(strict_types=1);

namespace Biomegas\Company\Rank;

use Biomegas\Calendar\LocalDate;

/** One fish got the better of another. */
final readonly class Contest
{
    public function __construct(
        public string $winner,
        public string $loser,
        public LocalDate $date,
    ) {
    }
}
