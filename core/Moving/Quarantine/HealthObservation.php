<?php

declare(strict_types=1);

namespace Biomegas\Moving\Quarantine;

use Biomegas\Calendar\LocalDate;

/** What a keeper saw of a fish on a day. */
final readonly class HealthObservation
{
    public function __construct(
        public LocalDate $date,
        public bool $isEating,
        /** In the keeper's words; null: none was seen. */
        public ?string $sign,
    ) {
    }
}
