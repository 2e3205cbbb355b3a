<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Calendar\LocalDate;

/** When a food is used up. */
final readonly class RunOut
{
    /** Nobody plans food for longer. */
    private const MOST_DAYS = 3650;

    private function __construct(
        public LocalDate $early,
        public LocalDate $likely,
        public LocalDate $late,
    ) {
    }

    /** @param  float  $spread  of the use, as a share of it, below 1 */
    public static function of(LocalDate $today, float $left, float $perDay, float $spread): self
    {
        $on = fn (float $use): LocalDate => $today->plusDays((int) min(self::MOST_DAYS, floor($left / $use)));

        return new self($on($perDay * (1 + $spread)), $on($perDay), $on($perDay * (1 - $spread)));
    }
}
