<?php

declare(strict_types=1);

namespace Biomegas\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Growth\Projection\LengthBand;

/** What lists need of a fish's outlook: small enough to be kept until something about the fish changes. */
final readonly class FishBrief
{
    private function __construct(
        /** Today. */
        public LengthBand $length,
        public HomeOutlook $home,
        /** Null: its length decides nothing. */
        public ?LocalDate $measureOn,
    ) {
    }

    public static function of(Facility $facility, FishOutlook $outlook): self
    {
        return new self(
            $outlook->growth->lengthOn($facility->date),
            $outlook->current(),
            MeasurementDue::of($outlook),
        );
    }
}
