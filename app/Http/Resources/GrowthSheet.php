<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Planning\HomeOutlook;

/** What the sheet of a fish tells of its growth, and of every home held against it: kept as one, since it takes the longest. */
final readonly class GrowthSheet
{
    /**
     * @param  float|null  $pace  percentage of its species that would be smaller after the same start
     * @param  list<Home>  $homes  every system in walking order
     * @param  list<string>  $flagged  days whose length does not fit the others
     * @param  list<PastLength>  $behind
     * @param  list<AheadLength>  $ahead
     */
    private function __construct(
        public Band $adult,
        public ?float $pace,
        public Knowledge $knowledge,
        public array $homes,
        public array $flagged,
        public array $behind,
        public array $ahead,
    ) {
    }

    public static function of(FacilitySnapshot $kept, Fish $fish): self
    {
        $outlook = $kept->outlook($fish);
        $growth = $outlook->growth;

        return new self(
            Band::from($growth->adultLength()),
            $growth->pace(),
            Knowledge::from($kept->growth, $outlook),
            array_map(fn (HomeOutlook $home): Home => Home::from($home, $kept->says()), array_values($outlook->homes())),
            array_map(fn (LocalDate $date): string => $date->toIso(), $growth->flagged()),
            PastLength::series($kept->facility, $fish, $growth),
            AheadLength::series($kept->facility, $growth->quantilesOn(...)),
        );
    }
}
