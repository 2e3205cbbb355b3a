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
        /** Key of the system in which both lived. */
        public string $home,
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
        $homes = array_values(array_intersect($actor->homesOn($date), $target->homesOn($date)));
        if ($homes === []) {
            throw InvalidEntry::because('target', Finding::of('company.not_together', actor: $actor->name, target: $target->name, day: $date));
        }

        return new self($actor, $target, $act, $harm, $date, $homes[0]);
    }

    /**
     * One goes for all that live with it.
     *
     * @param  array<array-key, Fish>  $fish  everybody
     * @return non-empty-list<self>
     *
     * @throws InvalidEntry when it cannot have happened on that day, or nobody lived with it
     */
    public static function recordAgainstAll(Fish $actor, array $fish, Act $act, Harm $harm, LocalDate $date, LocalDate $today): array
    {
        LoggedDay::check($date, $actor, $today);
        $company = array_values(array_filter($fish, fn (Fish $other): bool => $other->key !== $actor->key && array_intersect($actor->homesOn($date), $other->homesOn($date)) !== []));
        if ($company === []) {
            throw InvalidEntry::because('target', Finding::of('company.nobody_there', actor: $actor->name, day: $date));
        }

        return array_map(fn (Fish $target): self => self::record($actor, $target, $act, $harm, $date, $today), $company);
    }
}
