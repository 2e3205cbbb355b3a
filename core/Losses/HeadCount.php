<?php

declare(strict_types=1);

namespace Biomegas\Losses;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** How many of a fish or shoal are there. */
final readonly class HeadCount
{
    /**
     * Losses take away, those who join add; a count of all caught replaces what was believed.
     * Sighting some, or guessing, proves nothing about the rest. On one day
     * losses come before counts.
     *
     * @param  list<HeadCountEvent>  $events  in any order
     * @return int never below zero
     */
    public static function after(int $arrived, array $events): int
    {
        usort($events, fn (HeadCountEvent $a, HeadCountEvent $b): int => [$b->date->daysUntil($a->date), $a->count !== null] <=> [0, $b->count !== null]);
        $there = $arrived;
        foreach ($events as $event) {
            $there = match ($event->count) {
                null => max(0, $there - $event->number),
                CountKind::AllCaught => $event->number,
                CountKind::AtLeast, CountKind::Estimate => $there,
            };
        }

        return $there;
    }

    /**
     * The day on which the last one was gone; null while any are there.
     *
     * @param  list<HeadCountEvent>  $events  in any order
     */
    public static function goneOn(int $arrived, array $events): ?LocalDate
    {
        if (self::after($arrived, $events) > 0) {
            return null;
        }

        return array_reduce($events, fn (?LocalDate $last, HeadCountEvent $event): LocalDate => $last === null ? $event->date : LocalDate::later($last, $event->date));
    }

    /** @throws InvalidEntry when more are lost than are there, or none */
    public static function checkLoss(string $name, int $there, int $lost): void
    {
        if ($there < 1) {
            throw InvalidEntry::because('count', Finding::of('losses.already_gone', fish: $name));
        }
        if ($lost < 1 || $lost > $there) {
            throw InvalidEntry::because('count', Finding::of('losses.too_many', there: $there));
        }
    }
}
