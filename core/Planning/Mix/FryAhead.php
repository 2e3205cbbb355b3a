<?php

declare(strict_types=1);

namespace Biomegas\Planning\Mix;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Stay;
use Biomegas\Facility\System;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Measure\Length;
use Biomegas\Planning\Change\Standing;
use Biomegas\Planning\Floor\ProjectedOccupant;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Rulebook\Method;

/** What young need of a home as they grow, if so many are kept. */
final readonly class FryAhead
{
    /** As long as most kinds are when they swim free, millimetres. From memory of common practice. */
    private const FRY_MM = 8.0;

    private const MONTHS = [1, 3, 6, 9, 12];

    private const MONTH_DAYS = 30;

    private function __construct(
        public LocalDate $date,
        /** Likely, millimetres. */
        public float $length,
        public Standing $standing,
    ) {
    }

    /** @return non-empty-list<self> month by month over their first year */
    public static function of(Facility $facility, Fish $mother, int $count, System $home): array
    {
        $fry = new Fish(
            'fry', $mother->name, $mother->species, $facility->date, [new Stay($home->key, $facility->date)],
            [new MeasuredLength($facility->date, Length::ofMillimetres(self::FRY_MM), Method::Eye)], $count, $mother->rationOn($facility->date), hatched: $facility->date,
        );
        $member = new ProjectedOccupant($fry, LengthsAhead::of($facility, (new FacilityGrowth($facility))->projectionOf($fry)));

        return array_map(function (int $month) use ($facility, $member, $home): self {
            $date = $facility->date->plusDays($month * self::MONTH_DAYS);

            return new self($date, $member->ahead->on($date), Standing::of($home, [$member->occupantOn($date)], [$member->fedOn($date)], $home->temperature?->on($date), $facility->rulebook));
        }, self::MONTHS);
    }
}
