<?php

declare(strict_types=1);

namespace Biomegas\Planning\Floor;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Measure\LeastShare;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Load\SystemLoad;
use Biomegas\Water\Nitrate\NitrateYield;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterValue;

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
            $fed = array_map(fn (ProjectedOccupant $occupant): FedOccupant => $occupant->fedOn($date), $residents);

            return [$date, SystemLoad::of($system, $fed, $system->temperature?->on($date), $rulebook)];
        }, range(0, intdiv($facility->horizonDays, self::STEP_DAYS))));
    }

    public function today(): SystemLoad
    {
        return $this->months[0][1];
    }

    /**
     * When the weekly change must become larger. Null when the present one is
     * enough throughout.
     *
     * @param  float  $most  a weekly change above which there are too many
     */
    public function largerChange(NitrateYield $yield, float $most): ?Finding
    {
        $present = $this->today()->nitrate->share;
        foreach ($this->months as $i => [$date, $load]) {
            $needed = $load->leastWeeklyChange($yield->factor);
            if ($needed > $present + self::WORTH_SAYING) {
                return self::moreThanPresent($i === 0 ? null : $date, $load, $needed, $most, $yield->isMeasured() ? 'tests' : 'experience');
            }
        }

        return null;
    }

    /** @param  LocalDate|null  $from  null: now */
    private static function moreThanPresent(?LocalDate $from, SystemLoad $load, float $needed, float $most, string $by): Finding
    {
        $target = WaterValue::of(Quantity::Nitrate, $load->target);
        $share = LeastShare::of($needed);

        if ($from === null) {
            return match (true) {
                $needed > 1.0 => Finding::of('load.nitrate_not_held_now', target: $target, by: $by),
                $needed > $most => Finding::of('load.too_many_now', share: $share, by: $by),
                default => Finding::of('load.larger_change_now', share: $share, by: $by),
            };
        }

        return match (true) {
            $needed > 1.0 => Finding::of('load.nitrate_not_held', from: $from, target: $target, by: $by),
            $needed > $most => Finding::of('load.too_many', from: $from, share: $share, by: $by),
            default => Finding::of('load.larger_change', from: $from, share: $share, by: $by),
        };
    }

    /** When the filter is full. Null when its media are not known or it carries all that is to come. */
    public function filterFull(): ?Finding
    {
        foreach ($this->months as $i => [$date, $load]) {
            $share = $load->filterShare();
            if ($share !== null && $share > 1.0) {
                return $i === 0 ? Finding::of('load.filter_full_now') : Finding::of('load.filter_full', from: $date);
            }
        }

        return null;
    }
}
