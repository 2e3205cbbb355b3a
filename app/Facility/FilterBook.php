<?php

declare(strict_types=1);

namespace App\Facility;

use App\Repair\StoredTable;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Moving\Quarantine\ProductClass;
use Biomegas\Planning\Floor\ProjectedOccupant;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Load\SystemLoad;
use Biomegas\Water\Nitrification\FilterPast;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\UncleanWater;
use Biomegas\Water\Test\WaterTest;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What the filter of a system has carried, from who lived there, what was done to it and what was tested. */
final readonly class FilterBook
{
    /** The load is looked at so often: fish grow slowly, and who moved is known to some days. */
    private const STEP_DAYS = 3;

    /** A test older than this says nothing about today. */
    private const TEST_LASTS_DAYS = 14;

    /** Until today, or until a day to come. */
    public static function past(FacilitySnapshot $kept, System $system, ?LocalDate $on = null): FilterPast
    {
        $on ??= $kept->facility->date;

        return new FilterPast(
            array_map(fn (int $ago): array => [$on->plusDays(-$ago), self::loadOn($kept, $system, $on->plusDays(-$ago))], range(FilterPast::DAYS, 0, -self::STEP_DAYS)),
            [
                ...array_map(fn (array $care): array => [$care[0], $care[1]->left()], $kept->water->filterCares($system->key)),
                ...self::treatments($kept, $system, $on->plusDays(-FilterPast::DAYS)),
            ],
            self::cleanOn($kept, $system),
            $on,
        );
    }

    /** Of those who lived there then, wherever they are now; mg N/l/d. */
    private static function loadOn(FacilitySnapshot $kept, System $system, LocalDate $day): float
    {
        if ($day->isAfter($kept->facility->date)) {
            return self::load($kept, $system, array_map(fn (ProjectedOccupant $resident): FedOccupant => $resident->fedOn($day), $kept->growingOn($system, $day)), $day);
        }
        $there = array_filter($kept->facility->fish, fn (Fish $fish): bool => ! $fish->arrived->isAfter($day) && in_array($system->key, $fish->homesOn($day), true));
        $fed = array_map(fn (Fish $fish): FedOccupant => new FedOccupant($fish->species, self::likely($kept, $fish, $day), $fish->count, $fish->rationOn($day)), array_values($there));

        return self::load($kept, $system, [...$fed, ...$kept->lostLately()->in($system->key, $day)], $day);
    }

    /** @return list<array{LocalDate, float}> of fish that lived there then: what is put into the water works in the filter too */
    private static function treatments(FacilitySnapshot $kept, System $system, LocalDate $since): array
    {
        $blows = [];
        $rows = DB::table('treatments')->whereNull('deleted_at')->where('from', '>=', $since->toIso())->get();
        $kept->unreadable->readAll(StoredTable::Treatments, $rows, function (stdClass $row) use ($kept, $system, &$blows): void {
            $day = LocalDate::fromIso($row->from);
            if (in_array($system->key, $kept->find($row->fish_id)?->homesOn($day) ?? [], true)) {
                $blows[] = [$day, ProductClass::from($row->product_class)->filterLeft()];
            }
        });

        return $blows;
    }

    /** @param  list<FedOccupant>  $fed */
    private static function load(FacilitySnapshot $kept, System $system, array $fed, LocalDate $day): float
    {
        return SystemLoad::of($system, $fed, $system->temperature?->on($day), $kept->facility->rulebook->holdingFor($system->key))->ammoniaPerLitre();
    }

    private static function likely(FacilitySnapshot $kept, Fish $fish, LocalDate $day): float
    {
        return $kept->outlook($fish)->growth->lengthOn($day)->likely;
    }

    /** The last test of late, if its water is clean. */
    private static function cleanOn(FacilitySnapshot $kept, System $system): ?LocalDate
    {
        $tests = $kept->water->tests($system->key);
        $since = $kept->facility->date->plusDays(-self::TEST_LASTS_DAYS);
        $lately = array_values(array_filter($tests, fn (WaterTest $test): bool => ! $test->date->isBefore($since) && $test->value(Quantity::Ammonia) !== null && $test->value(Quantity::Nitrite) !== null));

        return $lately !== [] && UncleanWater::of($tests) === [] ? $lately[count($lately) - 1]->date : null;
    }
}
