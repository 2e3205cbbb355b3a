<?php

declare(strict_types=1);

namespace Biomegas\Company\Rank;

use Biomegas\Calendar\LocalDate;

/** The ratings of all at the end of a day. */
final readonly class RatedDay
{
    /** @param  array<string, float>  $ratings  by key */
    public function __construct(
        public LocalDate $date,
        public array $ratings,
    ) {
    }
}
