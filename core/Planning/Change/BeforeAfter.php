<?php

declare(strict_types=1);

namespace Biomegas\Planning\Change;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\Floor\ProjectedOccupant;
use Biomegas\Rulebook\RuleParameter;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Load\SystemLoad;
use Biomegas\Water\Nitrification\Conditions;
use Biomegas\Water\Nitrification\FilterPast;
use Biomegas\Water\Nitrification\FilterStart;
use Biomegas\Water\Nitrification\LoadForecast;
use Biomegas\Water\Nitrogen;

/** A system as it stands and as it would after a change, with the ammonia and nitrite that would follow. */
final readonly class BeforeAfter
{
    /** The remedy that is tried: half of the water each day. */
    public const DAILY_CHANGE = 0.5;

    private function __construct(
        public Standing $before,
        public Standing $after,
        /** Null: nothing would stir the filter. */
        public ?LoadForecast $forecast,
        /** The same with half of the water changed each day. */
        public ?LoadForecast $withChanges,
        /** How many of the newcomers the filter bears at once; null: none are thought of. */
        public ?int $mostAtOnce,
        /** The day of the change. */
        public LocalDate $on,
    ) {
    }

    /**
     * @param  list<ProjectedOccupant>  $residents  on the day of the change
     * @param  LocalDate|null  $on  the day of the change; null: today
     * @param  float|null  $celsius  of the water now; null: as the system is set
     * @param  FilterPast|null  $past  until that day; null: the filter has long carried the present stock
     */
    public static function of(Facility $facility, System $system, array $residents, SystemChange $change, ?float $celsius = null, ?float $ph = null, ?FilterPast $past = null, ?LocalDate $on = null): self
    {
        $on ??= $facility->date;
        $celsius ??= $system->temperature?->on($on);
        $occupants = fn (ProjectedOccupant ...$of): array => array_map(fn (ProjectedOccupant $occupant): Occupant => $occupant->occupantOn($on), array_values($of));
        $fed = fn (ProjectedOccupant ...$of): array => array_map(fn (ProjectedOccupant $occupant): FedOccupant => $occupant->fedOn($on), array_values($of));
        $staying = array_values(array_filter($residents, fn (ProjectedOccupant $occupant): bool => $occupant->fish->key !== $change->leaving));
        $before = Standing::of($system, $occupants(...$residents), $fed(...$residents), $celsius, $facility->rulebook);
        $after = Standing::of(
            $change->applyTo($system, $on),
            [...$occupants(...$staying), ...$change->newcomers],
            [...$fed(...$staying), ...$change->newEaters],
            $celsius, $facility->rulebook,
        );
        $forecast = $change->stirsTheFilter() ? self::forecast($before->load, $after->load, $change->filterStart($past, $on), $celsius, $ph ?? $system->ph) : null;

        return new self(
            $before, $after, $forecast, $forecast?->withDailyChange(self::DAILY_CHANGE),
            $forecast === null || $change->newEaters === [] ? null : self::mostAtOnce($forecast, $before->load, $after->load, array_sum(array_map(fn (FedOccupant $occupant): int => $occupant->count, $change->newEaters))),
            $on,
        );
    }

    /** @return list<Finding> what would not fit any more, but fits now */
    public function newObjections(): array
    {
        return array_values(array_filter($this->after->objections, fn (Finding $objection): bool => ! in_array($objection, $this->before->objections, false)));
    }

    private static function forecast(SystemLoad $before, SystemLoad $after, FilterStart $filter, ?float $celsius, ?float $ph): LoadForecast
    {
        return LoadForecast::of(
            new Conditions($celsius ?? WaterTemperature::USUAL_CELSIUS, $after->capacityPerLitre() ?? Conditions::UNLIMITED, 0.0, Nitrogen::Nitrate->asNitrogen(RuleParameter::NitrateTap->standard())),
            $filter,
            $before->ammoniaPerLitre(), $after->ammoniaPerLitre(), $after->litres, $ph,
        );
    }

    private static function mostAtOnce(LoadForecast $forecast, SystemLoad $before, SystemLoad $after, int $newcomers): int
    {
        $added = $after->ammoniaPerLitre() - $before->ammoniaPerLitre();
        $free = $forecast->mostAtOnce() - $before->ammoniaPerLitre();

        return $added <= 0.0 ? $newcomers : max(0, (int) floor($newcomers * min(1.0, $free / $added) + 1e-6));
    }
}
