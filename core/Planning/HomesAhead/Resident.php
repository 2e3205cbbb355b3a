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
     * @param  Closure(LocalDate): ?Occupant  $occupantOn  as long as it is on any day; null when it is not there
     * @param  (Closure(LocalDate): bool)|null  $isThereOn  the same where nobody wants to know how long it is, which is dear to tell
     */
    public function __construct(
        public Fish $fish,
        private Closure $occupantOn,
        private ?Closure $isThereOn = null,
    ) {
    }

    public function occupantOn(LocalDate $date): ?Occupant
    {
        return ($this->occupantOn)($date);
    }

    public function isThereOn(LocalDate $date): bool
    {
        return $this->isThereOn === null ? $this->occupantOn($date) !== null : ($this->isThereOn)($date);
    }
}
