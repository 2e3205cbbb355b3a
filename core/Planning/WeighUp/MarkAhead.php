<?php

declare(strict_types=1);

namespace Biomegas\Planning\WeighUp;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Species;
use Biomegas\Facility\TellingMark;

/** A mark that will tell two species apart, and when. */
final readonly class MarkAhead
{
    public function __construct(
        public Species $one,
        public Species $other,
        public TellingMark $mark,
        /** When the fish likely is long enough; null: not within the years looked at. */
        public ?LocalDate $shows,
    ) {
    }
}
