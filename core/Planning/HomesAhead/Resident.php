<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Housing\Verdict\Occupant;
use Closure;

/** One who lives in a system, on some days at least. */
final readonly class Resident
{
    /**
     * @param  Closure(LocalDate): Occupant  $occupantOn  as long as it is on a day on which it is there: dear to tell
     * @param  (Closure(LocalDate): bool)|null  $isThereOn  null: always
     */
    public function __construct(
        public Fish $fish,
        private Closure $occupantOn,
        private ?Closure $isThereOn = null,
    ) {
    }

    /** Null when it is not there. */
    public function occupantOn(LocalDate $date): ?Occupant
    {
        return $this->isThereOn($date) ? ($this->occupantOn)($date) : null;
    }

    public function isThereOn(LocalDate $date): bool
    {
        return $this->isThereOn === null || ($this->isThereOn)($date);
    }
}
