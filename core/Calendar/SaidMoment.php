<?php

declare(strict_types=1);

namespace Biomegas\Calendar;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** When something happened that reaches us later, as from a phone that had no network. */
final readonly class SaidMoment
{
    /** A clock may be so much ahead of ours, or behind. Judgement. */
    private const CLOCK_MINUTES = 10;

    /** What waited longer is typed with its day. Judgement. */
    private const LONGEST_DAYS = 30;

    /**
     * @param  LocalMoment|null  $said  none: it happens now
     * @param  LocalMoment|null  $since  it cannot have been before
     * @return LocalMoment never after now, nor before it could have been
     *
     * @throws InvalidEntry "at"
     */
    public static function of(?LocalMoment $said, LocalMoment $now, ?LocalMoment $since = null): LocalMoment
    {
        if ($said === null) {
            return $now;
        }
        if ($said->isAfter($now->plusMinutes(self::CLOCK_MINUTES))) {
            throw InvalidEntry::because('at', Finding::of('entry.moment_to_come'));
        }
        if ($said->date->isBefore($now->date->plusDays(-self::LONGEST_DAYS))) {
            throw InvalidEntry::because('at', Finding::of('entry.moment_long_ago', days: self::LONGEST_DAYS));
        }
        if ($since?->isAfter($said->plusMinutes(self::CLOCK_MINUTES)) === true) {
            throw InvalidEntry::because('at', Finding::of('entry.moment_too_early', at: $since));
        }

        $said = $since?->isAfter($said) === true ? $since : $said;

        return $said->isAfter($now) ? $now : $said;
    }
}
