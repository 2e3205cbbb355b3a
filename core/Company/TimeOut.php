<?php

declare(strict_types=1);

namespace Biomegas\Company;

use Biomegas\Calendar\LocalDate;

/** A fish was taken out of its home for a time. */
final readonly class TimeOut
{
    public function __construct(
        public LocalDate $date,
        /** As the keeper wrote it; null: none was given. */
        public ?string $reason = null,
    ) {
    }
}
