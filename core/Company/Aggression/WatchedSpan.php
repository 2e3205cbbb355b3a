<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

use Biomegas\Calendar\LocalMoment;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** A time during which somebody stood before a home and looked: what was seen then makes a rate. */
final readonly class WatchedSpan
{
    /** A round stands for so many: common practice, no published source. */
    public const ROUND_MINUTES = 5;

    /** Nobody looks longer in one go; a clock that ran on was forgotten. */
    public const MOST_MINUTES = 480;

    private const MINUTES_PER_HOUR = 60;

    public function __construct(
        public LocalMoment $from,
        /** 1 to 480. */
        public int $minutes,
    ) {
    }

    /**
     * By the clock from its start until it is stopped, one at least.
     *
     * @throws InvalidEntry when it ran on for longer than anybody looks
     */
    public static function minutesBetween(LocalMoment $from, LocalMoment $until): int
    {
        $minutes = max(1, $from->minutesUntil($until));

        return $minutes <= self::MOST_MINUTES ? $minutes : throw InvalidEntry::because('minutes', Finding::of('company.clock_ran_on', hours: intdiv(self::MOST_MINUTES, self::MINUTES_PER_HOUR)));
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
