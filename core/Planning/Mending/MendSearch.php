<?php

declare(strict_types=1);

namespace Biomegas\Planning\Mending;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Planning\Plan\Breach;
use Biomegas\Planning\Plan\Itinerary;
use Biomegas\Planning\Plan\Lodger;
use Biomegas\Planning\Plan\Plan;
use Biomegas\Planning\Plan\ProposedHomes;
use Biomegas\Planning\Supposing\Fewer;
use Biomegas\Planning\Supposing\KeptAt;
use Biomegas\Planning\Supposing\LargerChange;
use Biomegas\Planning\Supposing\Parted;
use Biomegas\Planning\Supposing\Supposition;
use Biomegas\Rulebook\RuleParameter;

/**
 * What could be done to homes besides moving fish, each tried on the judge. It
 * is offered where it ends at least as many days out of rule in its home as the
 * leaving of any one fish would.
 */
final readonly class MendSearch
{
    /** Rules broken for less are no reason to build anything. Judgement. */
    private const LEAST_DAYS = 7;

    /** So many homes are looked at, those where most is out of rule, and so many fish of each are tried behind a divider. */
    private const MOST_HOMES = 8;

    private const MOST_DIVIDED = 2;

    /** Degrees by which a home is tried warmer or cooler. */
    private const DEGREES = [1.0, -1.0, 2.0, -2.0, 3.0, -3.0];

    /** Where a divider is tried, of the length of the pool, seen from the left. */
    private const DIVIDED_AT = [1 / 2, 2 / 3];

    private HomesUnder $homes;

    private Facility $facility;

    /** @param  array<string, Lodger>  $lodgers  by fish */
    public function __construct(Facility $facility, private array $lodgers, private Plan $plan)
    {
        $this->facility = $facility;
        $this->homes = new HomesUnder($facility, $lodgers, $plan->decision);
    }

    /** @return list<Mend> those that end most first */
    public function mends(): array
    {
        $byHome = [];
        foreach ($this->plan->breaches as $breach) {
            $byHome[$breach->system->key][] = $breach;
        }
        $byHome = array_filter(array_intersect_key($byHome, $this->facility->systems), fn (array $breaches): bool => self::days($breaches) >= self::LEAST_DAYS);
        uasort($byHome, fn (array $a, array $b): int => self::days($b) <=> self::days($a));
        $mends = [];
        foreach (array_slice($byHome, 0, self::MOST_HOMES) as $key => $breaches) {
            array_push($mends, ...$this->ofHome($this->facility->systems[$key], $breaches));
        }
        usort($mends, fn (Mend $a, Mend $b): int => [$b->days, $a->price] <=> [$a->days, $b->price]);

        return $mends;
    }

    /**
     * @param  list<Mend>  $mends  that were found
     * @return list<Unsolved> by day, one for each fish and home that no mend puts right
     */
    public function unsolved(array $mends, ProposedHomes $proposed): array
    {
        $left = [];
        foreach ($this->plan->breaches as $breach) {
            $left[$breach->fish->key.' '.$breach->system->key][] = $breach;
        }
        $unsolved = [];
        foreach ($left as $breaches) {
            $first = $breaches[0];
            $isMended = array_filter($mends, fn (Mend $mend): bool => $mend->system->key === $first->system->key && $mend->days === $mend->ofDays) !== [];
            if (! $isMended && self::days($breaches) >= self::LEAST_DAYS) {
                $home = $proposed->homeFor($this->lodgers[$first->fish->key]);
                $begin = LocalDate::later($first->from->plusDays(-($home->opening->leadDays ?? 0)), $this->facility->date);
                $unsolved[] = new Unsolved($first->fish, $first->system, $first->from, self::days($breaches), $home, $begin);
            }
        }

        return $unsolved;
    }

    /**
     * @param  non-empty-list<Breach>  $breaches
     * @return list<Mend>
     */
    private function ofHome(System $system, array $breaches): array
    {
        $mends = array_filter([
            self::breaks($breaches, HousingRule::Temperature) ? $this->best($system, $breaches, $this->temperatures($system)) : null,
            self::breaks($breaches, HousingRule::Water) ? $this->best($system, $breaches, $this->changes($system)) : null,
            self::breaks($breaches, HousingRule::Water, HousingRule::Floor, HousingRule::SharedLitres) ? $this->fewer($system, $breaches) : null,
            self::breaks($breaches, HousingRule::Company, HousingRule::Swallowing, HousingRule::SpeciesOnly) ? $this->divider($system, $breaches) : null,
        ]);

        $byMoving = $mends === [] ? 0 : $this->endedByMoving($system, $breaches);
        $mends = array_filter($mends, fn (Mend $mend): bool => $mend->days > 0 && $mend->days >= $byMoving);

        return array_merge([], ...array_map(fn (Mend $mend): array => array_filter([$mend, $this->parted($mend)]), array_values($mends)));
    }

    /**
     * Days out of rule in this home that the leaving of one fish ends, whichever ends most.
     *
     * @param  non-empty-list<Breach>  $breaches
     */
    private function endedByMoving(System $system, array $breaches): int
    {
        $residents = array_filter($this->homes->itineraries, fn (Itinerary $itinerary): bool => $itinerary->passesThrough($system->key));

        return max([0, ...array_map(fn (string $fish): int => self::days($breaches) - self::days($this->homes->breachesWithout($system->key, $fish)), array_keys($residents))]);
    }

    /**
     * @param  non-empty-list<Breach>  $breaches
     * @param  list<Supposition>  $tried  the smallest change first
     */
    private function best(System $system, array $breaches, array $tried): ?Mend
    {
        $best = null;
        foreach ($tried as $supposed) {
            $left = $this->homes->breachesIn($system->key, $supposed);
            $ended = self::days($breaches) - self::days($left);
            if ($ended > ($best->days ?? 0)) {
                $price = MendPrice::of($supposed, $system, $this->facility);
                $best = new Mend($system, $supposed, null, $price->once, $price->perYear, $breaches[0]->from, $ended, self::days($breaches), self::helped($breaches, $left));
            }
            if ($left === []) {
                break;
            }
        }

        return $best;
    }

    /** @param  non-empty-list<Breach>  $breaches */
    private function divider(System $system, array $breaches): ?Mend
    {
        if (count($system->pools) !== 1 || $system->equipment->dividers !== []) {
            return null;
        }
        $best = null;
        $price = MendPrice::ofDivider($this->facility);
        $suffering = [];
        foreach ($breaches as $breach) {
            $suffering[$breach->fish->key] = ($suffering[$breach->fish->key] ?? 0) + $breach->days();
        }
        arsort($suffering);
        foreach (array_slice(array_keys($suffering), 0, self::MOST_DIVIDED) as $fish) {
            foreach (self::DIVIDED_AT as $share) {
                $at = $share * max([0.0, ...array_column($system->pools[0]->shape->outline(), 0)]);
                $left = $this->homes->breachesBehind($system, $at, $fish);
                $ended = self::days($breaches) - self::days($left);
                if ($ended > ($best->days ?? 0)) {
                    $best = new Mend($system, null, $at, $price->once, $price->perYear, $breaches[0]->from, $ended, self::days($breaches), [$this->facility->fish[$fish]]);
                }
            }
        }

        return $best;
    }

    /** @return list<KeptAt> */
    private function temperatures(System $system): array
    {
        $now = $system->temperature;

        return $now === null || ! $now->isSteady() ? [] : array_map(fn (float $degrees): KeptAt => new KeptAt($system->key, $now->warmest() + $degrees), self::DEGREES);
    }

    /** @return list<LargerChange> */
    private function changes(System $system): array
    {
        $most = $this->facility->rulebook->number(RuleParameter::ChangeMost);

        return ($system->equipment->weeklyChange ?? 0.0) < $most ? [new LargerChange($system->key, $most)] : [];
    }

    /**
     * Of the largest shoal there: as many as can stay if all is to be well; if it cannot be, the least group.
     *
     * @param  non-empty-list<Breach>  $breaches
     */
    private function fewer(System $system, array $breaches): ?Mend
    {
        $shoals = array_filter($this->facility->fish, fn (Fish $fish): bool => $fish->isShoal() && $this->homes->itineraries[$fish->key]->passesThrough($system->key));
        usort($shoals, fn (Fish $a, Fish $b): int => $b->count <=> $a->count);
        $shoal = $shoals[0] ?? null;
        if ($shoal === null || $shoal->count <= $shoal->species->needs->minimumGroup) {
            return null;
        }
        [$good, $bad] = [$shoal->species->needs->minimumGroup, $shoal->count];
        while ($bad - $good > 1) {
            $middle = intdiv($good + $bad, 2);
            [$good, $bad] = $this->homes->breachesIn($system->key, new Fewer($shoal->key, $middle)) === [] ? [$middle, $bad] : [$good, $middle];
        }

        return $this->best($system, $breaches, [new Fewer($shoal->key, $good)]);
    }

    /** Where some of a shoal would have to go, they may go elsewhere in the place, if they are a group by themselves; null: they are not. */
    private function parted(Mend $mend): ?Mend
    {
        if (! $mend->doing instanceof Fewer) {
            return null;
        }
        $shoal = $this->facility->fish[$mend->doing->fish];
        $going = max($shoal->count - $mend->doing->count, $shoal->species->needs->minimumGroup);

        return $shoal->count - $going < $shoal->species->needs->minimumGroup
            ? null
            : new Mend($mend->system, new Parted($shoal->key, $going), null, 0.0, 0.0, $mend->by, $mend->days, $mend->ofDays, $mend->for);
    }

    /**
     * @param  list<Breach>  $before
     * @param  list<Breach>  $after
     * @return list<Fish>
     */
    private static function helped(array $before, array $after): array
    {
        $fish = array_column(array_map(fn (Breach $breach): array => [$breach->fish->key, $breach->fish], $before), 1, 0);

        return array_values(array_filter($fish, fn (Fish $one): bool => self::days(self::of($one, $after)) < self::days(self::of($one, $before))));
    }

    /**
     * @param  list<Breach>  $breaches
     * @return list<Breach>
     */
    private static function of(Fish $fish, array $breaches): array
    {
        return array_values(array_filter($breaches, fn (Breach $breach): bool => $breach->fish->key === $fish->key));
    }

    /** @param  non-empty-list<Breach>  $breaches */
    private static function breaks(array $breaches, HousingRule ...$rules): bool
    {
        return array_filter($breaches, fn (Breach $breach): bool => in_array($breach->verdict->rule, $rules, true)) !== [];
    }

    /** @param  list<Breach>  $breaches */
    private static function days(array $breaches): int
    {
        return array_sum(array_map(fn (Breach $breach): int => $breach->days(), $breaches));
    }
}
