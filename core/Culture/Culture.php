<?php

declare(strict_types=1);

namespace Biomegas\Culture;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** Animals that are bred to be fed, in one tank or several of a kind. */
final readonly class Culture
{
    /** @throws InvalidEntry when it cannot be so */
    public function __construct(
        public CultureKind $kind,
        public LocalDate $started,
        /** How many there were at the start. */
        public float $seed,
        /** How many one of its tanks holds when it is full, as the keeper thinks. */
        public float $room,
        public int $tanks = 1,
    ) {
        if ($seed <= 0.0) {
            throw InvalidEntry::because('seed', Finding::of('culture.seed_of_nothing'));
        }
        if ($room <= 0.0) {
            throw InvalidEntry::because('room', Finding::of('culture.room_for_nothing'));
        }
        if ($seed > $room * $tanks) {
            throw InvalidEntry::because('seed', Finding::of('culture.seed_beyond_room'));
        }
    }
}
