<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\Opening;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Shoal;
use Biomegas\Planning\HomesAhead\HomeToBuild;
use Biomegas\Rulebook\RuleParameter;
use Biomegas\Water\Readiness\NewHome;
use Biomegas\Water\Readiness\Preparation;
use Closure;

/** Homes that could be built for those whom no home here takes for life. */
final readonly class ProposedHomes
{
    private const MOST = 4;

    private const KEY = 'new-';

    /** Until the filter of a new home carries its fish, where nothing is known of it yet. Common practice, no published source. */
    private const CYCLE_DAYS = 42;

    /** @param  Closure(HomeToBuild): string  $nameOf */
    public function __construct(private Facility $facility, private Closure $nameOf)
    {
    }

    public static function isProposed(string $system): bool
    {
        return str_starts_with($system, self::KEY);
    }

    /**
     * @param  list<Lodger>  $lodgers
     * @return list<System>
     */
    public function for(array $lodgers): array
    {
        $proposed = [];
        usort($lodgers, fn (Lodger $a, Lodger $b): int => $this->adult($b) <=> $this->adult($a));
        foreach ($lodgers as $lodger) {
            if (count($proposed) < self::MOST && ! $this->isHoused($lodger, [...array_values($this->facility->systems), ...$proposed])) {
                $proposed[] = $this->home($lodger, count($proposed) + 1);
            }
        }

        return $proposed;
    }

    /** @param  list<System>  $systems */
    private function isHoused(Lodger $lodger, array $systems): bool
    {
        $strain = new OwnStrain($this->facility, Periods::of($this->facility->date, $this->facility->horizonDays), new Weights(0.0, 0.0, 0.0, 0.0, 0.0));
        foreach ($systems as $system) {
            $last = $strain->of($lodger, $system);
            if ($lodger->isForLifeIn($system) && ($last[count($last) - 1] ?? null) !== null) {
                return true;
            }
        }

        return false;
    }

    /** What one fish or shoal would need by itself. */
    public function homeFor(Lodger $lodger): System
    {
        return $this->home($lodger, 1);
    }

    private function home(Lodger $lodger, int $number): System
    {
        $species = $lodger->fish->species;
        $rulebook = $this->facility->rulebook->holdingFor(null, $lodger->fish->key);
        $home = HomeToBuild::for($species, $this->adult($lodger), $lodger->fish->count, $this->facility->date, $this->facility->date, $rulebook);
        $keep = $species->keepingRange;

        return new System(
            self::KEY.$number, ($this->nameOf)($home), $home->kind,
            [new Pool(self::KEY.$number, Box::inside($home->length, $home->width, 1e6 * $home->litres / ($home->length * $home->width)))],
            $home->isHeated && $keep !== null ? WaterTemperature::heldAt(($keep->low + $keep->high) / 2) : null,
            fittings: array_values(array_unique([Fitting::Lid, ...$species->needs->fittings], SORT_REGULAR)),
            salinity: $species->needs->salinity,
            opening: new Opening(
                $home->litres * $rulebook->number(RuleParameter::BuildPrice),
                max((int) $rulebook->number(RuleParameter::BuildLeadDays), self::daysToBuild($home->kind, $this->facility->date)),
            ),
        );
    }

    /** Nothing of it stands yet. */
    public static function toBuild(SystemKind $kind): NewHome
    {
        return new NewHome($kind, false, true, false, self::CYCLE_DAYS);
    }

    private static function daysToBuild(SystemKind $kind, LocalDate $today): int
    {
        return $today->daysUntil(Preparation::of(self::toBuild($kind), $today, [], $today)->notBefore);
    }

    /** Greatest length that nine in ten stay below as adults, millimetres. */
    private function adult(Lodger $lodger): float
    {
        $adult = $lodger->growth->leading()->adultLength(LengthBand::HIGH);

        return Shoal::of($lodger->fish)->largestAt($adult) * $adult;
    }
}
