<?php

declare(strict_types=1);

namespace Biomegas\Planning\Mending;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\System;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\Plan\Lodger;
use Biomegas\Planning\Plan\ProposedHomes;

/** Every home that the fish here will need some day and that is not there: those who can share one, grown, do. */
final readonly class AllToBuild
{
    public function __construct(private Facility $facility, private ProposedHomes $proposed)
    {
    }

    /**
     * @param  array<string, Lodger>  $lodgers  by fish
     * @param  array<string, HomesAhead>  $chains  by fish
     * @return list<HomeAhead> by the day to begin
     */
    public function of(array $lodgers, array $chains): array
    {
        $needing = array_filter($lodgers, fn (Lodger $lodger): bool => $this->neededBy($chains[$lodger->fish->key]) !== null);
        $sized = array_map(fn (Lodger $lodger): array => [$lodger, $this->proposed->homeFor($lodger)], $needing);
        uasort($sized, fn (array $a, array $b): int => $b[1]->litres() <=> $a[1]->litres());
        $homes = $sharers = [];
        foreach ($sized as [$lodger, $home]) {
            $at = $this->sharedBy($lodger, $homes, $sharers) ?? count($homes);
            $homes[$at] ??= $home;
            $sharers[$at][] = $lodger;
        }
        $built = array_map(fn (System $home, array $lodgers): HomeAhead => $this->ahead($home, $lodgers, $chains), $homes, $sharers);
        usort($built, fn (HomeAhead $a, HomeAhead $b): int => $b->begin->daysUntil($a->begin));

        return $built;
    }

    /** Null: it needs none. */
    private function neededBy(HomesAhead $chain): ?LocalDate
    {
        return $chain->toBuild->by ?? ($chain->nowhere === null ? null : $this->facility->date);
    }

    /**
     * @param  array<int, System>  $homes
     * @param  array<int, list<Lodger>>  $sharers  by home
     * @return int|null which of them; null: none
     */
    private function sharedBy(Lodger $comer, array $homes, array $sharers): ?int
    {
        foreach ($homes as $i => $home) {
            $grown = array_map(self::grown(...), [$comer, ...$sharers[$i]]);
            $objections = array_filter(array_keys($grown), fn (int $one): bool => Judgement::obstacleIn(new HousingCase($grown[$one], $home, array_values(array_diff_key($grown, [$one => true])), $this->facility->rulebook)) !== null);
            if ($objections === []) {
                return $i;
            }
        }

        return null;
    }

    /** As long as likely grown. */
    private static function grown(Lodger $lodger): Occupant
    {
        return Shoal::of($lodger->fish)->occupant($lodger->growth->leading()->adultLength(LengthBand::LIKELY));
    }

    /**
     * @param  list<Lodger>  $lodgers
     * @param  array<string, HomesAhead>  $chains
     */
    private function ahead(System $home, array $lodgers, array $chains): HomeAhead
    {
        $days = array_values(array_filter(array_map(fn (Lodger $lodger): ?LocalDate => $this->neededBy($chains[$lodger->fish->key]), $lodgers)));
        $by = array_reduce($days, fn (?LocalDate $first, LocalDate $day): LocalDate => $first === null || $day->isBefore($first) ? $day : $first) ?? $this->facility->date;

        return new HomeAhead($home, $by, LocalDate::later($by->plusDays(-($home->opening->leadDays ?? 0)), $this->facility->date), array_map(fn (Lodger $lodger) => $lodger->fish, $lodgers));
    }
}
