<?php

declare(strict_types=1);

namespace Biomegas\Planning\Floor;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Measure\ShareWords;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Load\SystemLoad;

/** What the fish of a system will ask of its water, month by month. */
final readonly class LoadAhead
{
    private const STEP_DAYS = 30;

    /** Small differences are not worth a sentence. */
    private const WORTH_SAYING = 0.02;

    /** @param  non-empty-list<array{LocalDate, SystemLoad}>  $months  today first */
    private function __construct(public array $months)
    {
    }

    /** @param  list<ProjectedOccupant>  $residents */
    public static function of(Facility $facility, System $system, array $residents): self
    {
        $rulebook = $facility->rulebook->holdingFor($system->key);

        return new self(array_map(function (int $month) use ($facility, $system, $residents, $rulebook): array {
            $date = $facility->date->plusDays($month * self::STEP_DAYS);
            $fed = array_map(fn (ProjectedOccupant $one): FedOccupant => $one->fedOn($date), $residents);

            return [$date, SystemLoad::of($system, $fed, $system->temperature?->on($date), $rulebook)];
        }, range(0, intdiv($facility->horizonDays, self::STEP_DAYS))));
    }

    public function today(): SystemLoad
    {
        return $this->months[0][1];
    }

    /**
     * "From October 2027 the weekly change must be a third." Null when the
     * present one is enough throughout.
     *
     * @param  float  $yield  of the nitrate by the book
     */
    public function changeSentence(float $yield): ?string
    {
        $present = $this->today()->nitrate->share;
        foreach ($this->months as $i => [$date, $load]) {
            $needed = $load->leastWeeklyChange($yield);
            if ($needed > $present + self::WORTH_SAYING) {
                $when = $i === 0 ? 'Already now' : "From {$date->monthInWords()}";

                return $needed > 1.0
                    ? "{$when} not even all of the water each week would hold nitrate at {$load->target} mg/l: fewer fish, less food or more water."
                    : "{$when} the weekly change must be ".ShareWords::atLeast($needed).'.';
            }
        }

        return null;
    }

    /** "The filter is full in March 2028." Null when its media are not known or it carries all that is to come. */
    public function filterSentence(): ?string
    {
        foreach ($this->months as $i => [$date, $load]) {
            $share = $load->filterShare();
            if ($share !== null && $share > 1.0) {
                return $i === 0
                    ? 'The filter is too small for what is fed now: more media, or less food.'
                    : "From {$date->monthInWords()} the filter is too small: more media before then.";
            }
        }

        return null;
    }
}
