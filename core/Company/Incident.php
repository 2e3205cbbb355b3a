<?php

declare(strict_types=1);

namespace Biomegas\Company;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\LoggedDay;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** One act of aggression. */
final readonly class Incident
{
    private function __construct(
        public Fish $actor,
        public Fish $target,
        public Act $act,
        public Harm $harm,
        public LocalDate $date,
    ) {
    }

    /** @throws InvalidEntry when it cannot have happened on that day */
    public static function record(Fish $actor, Fish $target, Act $act, Harm $harm, LocalDate $date, LocalDate $today): self
    {
        // Inside a shoal one member can chase another; a single fish cannot chase itself.
        if ($actor->key === $target->key && ! $actor->isShoal()) {
            throw InvalidEntry::because('target', Finding::of('company.same_fish', fish: $actor->name));
        }
        LoggedDay::check($date, $actor, $today);
        LoggedDay::check($date, $target, $today);
        if (array_intersect($actor->homesOn($date), $target->homesOn($date)) === []) {
            throw InvalidEntry::because('target', Finding::of('company.not_together', actor: $actor->name, target: $target->name, day: $date));
        }

        return new self($actor, $target, $act, $harm, $date);
    }
}
