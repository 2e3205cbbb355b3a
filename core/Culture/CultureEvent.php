<?php

declare(strict_types=1);

namespace Biomegas\Culture;

use Biomegas\Calendar\LocalDate;

/** What was counted, taken or added on a day. */
final readonly class CultureEvent
{
    public function __construct(
        public LocalDate $date,
        public CultureEventKind $kind,
        public float $number,
    ) {
    }
}
