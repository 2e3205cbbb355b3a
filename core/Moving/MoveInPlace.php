<?php

declare(strict_types=1);

namespace Biomegas\Moving;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\LoggedDay;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** A move of the past among those before and after it: what of it can be corrected, and whether it can be taken out. */
final readonly class MoveInPlace
{
    public function __construct(
        public Fish $fish,
        /** Where it lived before. */
        public System $before,
        /** The day on which it had come there. */
        public LocalDate $since,
        /** Where it went next, and when; null: it still lives there. */
        public ?System $next = null,
        public ?LocalDate $nextOn = null,
    ) {
    }

    /** @throws InvalidEntry when it cannot have been made to there on that day */
    public function check(System $to, LocalDate $date, LocalDate $today): void
    {
        if ($to->key === $this->before->key) {
            throw InvalidEntry::because('to', Finding::of('moving.lives_there', fish: $this->fish->name, system: $to->name));
        }
        if ($to->key === $this->next?->key) {
            throw InvalidEntry::because('to', Finding::of('moving.went_there_next', fish: $this->fish->name, system: $to->name));
        }
        LoggedDay::check($date, $this->fish, $today);
        if ($date->isBefore($this->since)) {
            throw InvalidEntry::because('date', Finding::of('moving.before_its_stay', fish: $this->fish->name, since: $this->since));
        }
        if ($this->nextOn !== null && $date->isAfter($this->nextOn)) {
            throw InvalidEntry::because('date', Finding::of('moving.after_the_next', fish: $this->fish->name, next: $this->nextOn));
        }
        if (! $to->isAvailableOn($date)) {
            throw InvalidEntry::because('to', Finding::of('moving.not_in_use', system: $to->name, day: $date));
        }
    }

    /** @throws InvalidEntry when the next move would go to where it was already */
    public function checkRemoval(): void
    {
        if ($this->next?->key === $this->before->key) {
            throw InvalidEntry::because('move', Finding::of('moving.went_back_next', fish: $this->fish->name, system: $this->before->name, next: $this->nextOn ?? $this->since));
        }
    }

    /** What becomes of its stay, or of the next move, when it is taken out. */
    public function withoutIt(): Finding
    {
        return $this->next === null || $this->nextOn === null
            ? Finding::of('moving.lives_there_again', fish: $this->fish->name, system: $this->before->name)
            : Finding::of('moving.next_begins_there', fish: $this->fish->name, to: $this->next->name, system: $this->before->name, next: $this->nextOn);
    }
}
