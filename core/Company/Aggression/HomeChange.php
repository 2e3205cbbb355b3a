<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Calendar\LocalDate;
use Biomegas\Moving\Watch\Intervention;

/** A change in a home on a day. */
final readonly class HomeChange
{
    public function __construct(
        public ChangeKind $kind,
        public LocalDate $date,
        /** Key of the fish that came or went; null: nobody did. */
        public ?string $fish = null,
        /** What was done against chasing. */
        public ?Intervention $intervention = null,
    ) {
    }
}
