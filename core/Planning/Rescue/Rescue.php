<?php

declare(strict_types=1);

namespace Biomegas\Planning\Rescue;

use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Planning\HomesAhead\Resident;
use Biomegas\Planning\HomesAhead\Residents;
use Biomegas\Planning\Plan\Lodger;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Oxygen;

/**
 * A system fails: everybody out of it now, to homes where nobody is eaten or
 * beaten. Those with the fewest places to go are given theirs first; the
 * heaviest is caught first, for it uses most of the oxygen that is left.
 */
final class Rescue
{
    /** What is too crowded or too small will do for so long. Common practice, no published source. */
    public const STOPGAP_DAYS = 7;

    /** Whoever has room for so long is as good as settled. */
    private const LONG_ENOUGH_DAYS = 90;

    private const FOR_A_WHILE = [HousingRule::Floor, HousingRule::SharedLitres, HousingRule::Water, HousingRule::Size];

    /** @var array<string, System> by fish: who was given a home */
    private array $given = [];

    private readonly Residents $residents;

    /** @param  array<string, Lodger>  $lodgers  of all fish, by key */
    private function __construct(private readonly Facility $facility, private readonly System $failed, private readonly array $lodgers)
    {
        $this->residents = new Residents(fn (System $system): array => array_map(
            fn (Lodger $lodger): Resident => new Resident($lodger->fish, $lodger->occupantOn(...), fn (): bool => ($this->given[$lodger->fish->key] ?? $lodger->home)->key === $system->key),
            array_values($this->lodgers),
        ));
    }

    /**
     * @param  array<string, Lodger>  $lodgers  of all fish, by key
     * @return list<RescuePlace> in the order in which they are caught
     */
    public static function from(System $failed, Facility $facility, array $lodgers): array
    {
        $rescue = new self($facility, $failed, $lodgers);
        $waiting = array_filter($lodgers, fn (Lodger $lodger): bool => $lodger->home->key === $failed->key);
        $places = [];
        while ($waiting !== []) {
            $options = array_map($rescue->optionsOf(...), $waiting);
            uasort($options, fn (array $a, array $b): int => count($a) <=> count($b));
            $next = (string) array_key_first($options);
            $places[] = $place = $options[$next][0] ?? $rescue->stopgap($waiting[$next]);
            if ($place->home !== null) {
                $rescue->give($next, $place->home);
            }
            unset($waiting[$next]);
        }
        usort($places, fn (RescuePlace $a, RescuePlace $b): int => $b->mass <=> $a->mass);

        return $places;
    }

    /**
     * @param  array<string, Lodger>  $lodgers  of all fish, by key
     * @return float minutes until they are in trouble if the water stands still, infinite if nobody is there
     */
    public static function minutesLeft(System $failed, Facility $facility, array $lodgers): float
    {
        $there = array_filter($lodgers, fn (Lodger $lodger): bool => $lodger->home->key === $failed->key);

        return Oxygen::minutesWithoutAir($failed->waterLitres(), array_sum(array_map(fn (Lodger $lodger): float => self::mass($lodger, $facility), $there)), $failed->likelyCelsius($facility->date));
    }

    /** @return list<RescuePlace> where the judge takes it, the best first */
    private function optionsOf(Lodger $lodger): array
    {
        $today = $this->facility->date;
        $trial = $lodger->trialAmong($this->residents);
        $places = [];
        foreach ($this->homes() as $system) {
            $stay = $trial->stay($system, $lodger->clockIn($system), $today);
            if ($stay !== null && $this->bearsWith($lodger, $system)) {
                $places[] = new RescuePlace($lodger->fish, $system, $stay->leave, $stay->because, false, self::mass($lodger, $this->facility));
            }
        }
        usort($places, fn (RescuePlace $a, RescuePlace $b): int => [$this->lasts($b), $a->home?->isForQuarantine(), $a->home?->litres()] <=> [$this->lasts($a), $b->home?->isForQuarantine(), $b->home?->litres()]);

        return $places;
    }

    private function stopgap(Lodger $lodger): RescuePlace
    {
        $mass = self::mass($lodger, $this->facility);
        foreach ($this->roomiestFirst() as $system) {
            $verdict = $this->worst($lodger, $system);
            if ($verdict !== null && in_array($verdict->rule, self::FOR_A_WHILE, true)) {
                return new RescuePlace($lodger->fish, $system, $this->facility->date->plusDays(self::STOPGAP_DAYS), $verdict, true, $mass);
            }
        }

        return new RescuePlace($lodger->fish, null, null, null, true, $mass);
    }

    /** What speaks against it that a few days do not excuse, else the first that they do; null: nothing at all. */
    private function worst(Lodger $lodger, System $system): ?Verdict
    {
        $verdicts = array_filter(Judgement::of($this->case($lodger->judgedOn($this->facility->date), $system, $lodger->fish))->verdicts, fn (Verdict $verdict): bool => $verdict->refuses() && ! $verdict->rule->isEasilyMended());
        $lasting = array_values(array_filter($verdicts, fn (Verdict $verdict): bool => ! in_array($verdict->rule, self::FOR_A_WHILE, true)));

        return $lasting[0] ?? array_values($verdicts)[0] ?? ($this->bearsWith($lodger, $system) ? null : $this->firstAgainst($lodger, $system));
    }

    private function bearsWith(Lodger $comer, System $system): bool
    {
        return $this->firstAgainst($comer, $system) === null;
    }

    /** What a resident says against it. */
    private function firstAgainst(Lodger $comer, System $system): ?Verdict
    {
        $today = $this->facility->date;
        $others = array_filter($this->lodgers, fn (Lodger $other): bool => $other !== $comer && ($this->given[$other->fish->key] ?? $other->home)->key === $system->key);
        foreach ($others as $resident) {
            $verdict = Judgement::obstacleOfCompany(new HousingCase($resident->judgedOn($today), $system, [$comer->occupantOn($today)], $this->facility->rulebook, livesThere: true));
            if ($verdict !== null) {
                return $verdict;
            }
        }

        return null;
    }

    private function case(Occupant $comer, System $system, Fish $fish): HousingCase
    {
        return new HousingCase($comer, $system, $this->residents->in($system, $this->facility->date, $fish), $this->facility->rulebook);
    }

    private function give(string $fish, System $home): void
    {
        $this->given[$fish] = $home;
        $this->residents->forget();
    }

    /** Days, none better than long enough. */
    private function lasts(RescuePlace $place): int
    {
        return $place->until === null ? self::LONG_ENOUGH_DAYS : min(self::LONG_ENOUGH_DAYS, $this->facility->date->daysUntil($place->until));
    }

    /** @return list<System> in which fish can live today */
    private function homes(): array
    {
        return array_values(array_filter($this->facility->systems, fn (System $system): bool => $system->key !== $this->failed->key && $system->isAvailableOn($this->facility->date)));
    }

    /** @return list<System> */
    private function roomiestFirst(): array
    {
        $homes = $this->homes();
        usort($homes, fn (System $a, System $b): int => $b->waterLitres() <=> $a->waterLitres());

        return $homes;
    }

    private static function mass(Lodger $lodger, Facility $facility): float
    {
        $occupant = $lodger->occupantOn($facility->date);

        return (new FedOccupant($occupant->species, $occupant->length, $occupant->count, $facility->rulebook->ration()))->mass();
    }
}
