<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Calendar\LocalDate;
use Biomegas\Moving\Watch\Intervention;
use Biomegas\Moving\Watch\Success;

/** What was done in a home against chasing on a day, and whether it helped. */
final readonly class Attempt
{
    public function __construct(
        public Intervention $intervention,
        public LocalDate $date,
        /** Null: not known yet. */
        public ?Success $success = null,
    ) {
    }
}
