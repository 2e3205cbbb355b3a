<?php

declare(strict_types=1);

namespace Biomegas\Losses;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\LoggedDay;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** Checks what is said of a loss beside its day: who ate it, and when it was last seen. */
final readonly class LossStory
{
    /**
     * @param  LocalDate|null  $lastSeen  null: the day of the loss is known
     *
     * @throws InvalidEntry when they never met in that time
     */
    public static function checkEater(Fish $eaten, Fish $eater, ?LocalDate $lastSeen, LocalDate $date): void
    {
        if ($eaten->key === $eater->key && ! $eaten->isShoal()) {
            throw InvalidEntry::because('eaten_by_id', Finding::of('losses.eaten_by_itself', fish: $eaten->name));
        }
        for ($day = $lastSeen ?? $date; ! $day->isAfter($date); $day = $day->plusDays(1)) {
            if (array_intersect($eaten->homesOn($day), $eater->homesOn($day)) !== []) {
                return;
            }
        }
        throw InvalidEntry::because('eaten_by_id', Finding::of('losses.eaten_elsewhere', eater: $eater->name, fish: $eaten->name));
    }

    /** @throws InvalidEntry when the time in which it was lost cannot be */
    public static function checkWindow(Fish $fish, ?LocalDate $lastSeen, LocalDate $date, LocalDate $today): void
    {
        if ($lastSeen === null) {
            return;
        }
        if ($lastSeen->isAfter($date)) {
            throw InvalidEntry::because('last_seen', Finding::of('losses.window', last: $lastSeen));
        }
        try {
            LoggedDay::check($lastSeen, $fish, $today);
        } catch (InvalidEntry $refused) {
            throw InvalidEntry::because('last_seen', $refused->finding());
        }
    }
}
