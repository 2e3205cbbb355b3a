<?php

declare(strict_types=1);

namespace Biomegas\Planning\Mix;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Finding\Finding;

/** When one of a mix is best brought in. */
final readonly class Introduction
{
    public function __construct(
        public Fish $fish,
        /** Null: never, as long as the others are there. */
        public ?LocalDate $from,
        /** Its length by then, millimetres; of one that never comes, today. */
        public float $length,
        public Finding $why,
    ) {
    }
}
