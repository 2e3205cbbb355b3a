<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Calendar\LocalMoment;

/** A time during which somebody stood before a home and looked: what was seen then makes a rate. */
final readonly class WatchedSpan
{
    /** A round stands for so many: common practice, no published source. */
    public const ROUND_MINUTES = 5;

    /** Nobody looks longer in one go; a clock that ran on was forgotten. */
    public const MOST_MINUTES = 480;

    public function __construct(
        public LocalMoment $from,
        /** 1 to 480. */
        public int $minutes,
    ) {
    }

    /** Without a time an act of that day counts as seen while somebody looked. */
    public function saw(SeenAct $act): bool
    {
        if (! $act->date->equals($this->from->date)) {
            return false;
        }

        return $act->minute === null || ($act->minute >= $this->from->minute && $act->minute <= $this->from->minute + $this->minutes);
    }
}
