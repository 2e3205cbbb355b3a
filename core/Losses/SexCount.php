<?php

declare(strict_types=1);

namespace Biomegas\Losses;

use Biomegas\Facility\Group\Makeup;
use Biomegas\Facility\Group\Sexes;
use Biomegas\Facility\Sex;

/** How many of each sex are in a group by now. */
final readonly class SexCount
{
    /**
     * From what its keeper saw of it. Of a loss without a name nobody knows whom
     * it took, unless there is only one sort left. What a count found missing
     * or over is not told apart either.
     *
     * @param  list<HeadCountEvent>  $events  in any order
     */
    public static function after(Makeup $makeup, int $there, array $events): Sexes
    {
        $known = [Sex::Male->value => $makeup->males, Sex::Female->value => $makeup->females, '' => $makeup->count - $makeup->males - $makeup->females];
        $missing = 0;
        foreach ($events as $event) {
            if ($event->count === null && $event->date->isAfter($makeup->date)) {
                $missing += self::change($known, $event->sex, $event->number);
            }
        }
        $over = $there - (array_sum($known) - $missing);
        // Of one day nothing tells what came first: what was written with a sex explains what does not add up.
        foreach ($events as $event) {
            if ($event->count === null && $event->sex !== null && $event->date->equals($makeup->date) && $event->number * $over < 0 && abs($event->number) <= abs($over)) {
                $missing += self::change($known, $event->sex, $event->number);
                $over += $event->number;
            }
        }
        $missing += self::change($known, null, -$over);

        return new Sexes($known[Sex::Male->value], $known[Sex::Female->value], $known[''], $missing);
    }

    /**
     * @param  array<string, int>  $known  by sex, '' for those not known; changed
     * @param  int  $lost  below zero: so many came
     * @return int so many are missing without a name
     */
    private static function change(array &$known, ?Sex $sex, int $lost): int
    {
        $of = $sex->value ?? '';
        if ($lost <= 0) {
            $known[$of] -= $lost;

            return 0;
        }
        $sorts = array_keys(array_filter($known, fn (int $there): bool => $there > 0));
        if ($sex === null && count($sorts) === 1) {
            $of = (string) $sorts[0];
        } elseif ($sex === null) {
            return $lost;
        }
        $named = min($known[$of], $lost);
        $known[$of] -= $named;
        // A sex of which there were not enough: they were among those nobody had looked at.
        $rest = min($known[''], $lost - $named);
        $known[''] -= $rest;

        return $lost - $named - $rest;
    }
}
