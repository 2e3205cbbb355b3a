<?php

declare(strict_types=1);

namespace App\Bench;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Species;
use Biomegas\Facility\Stay;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;
use Biomegas\Rulebook\Rulebook;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * An invented place of any size that is well kept today. Most fish are nearly
 * grown and in the smallest home that takes them grown with those who are
 * there; the young are in one that takes them grown by a third. What comes then
 * is for a plan to find.
 */
final class InventedPlace
{
    private const TODAY = '2027-03-01';

    private const HORIZON_DAYS = 1095;

    private const TRIES = 40;

    /** So many have a young one among them. */
    private const ONE_IN_YOUNG = 4;

    /** Length in hundredths of the adult one. */
    private const YOUNG = [15, 60];

    private const GROWN = [75, 100];

    /** The home of a young one was chosen for one so many times as long. */
    private const ROOM_TO_GROW = 1.3;

    private const POND_MONTHS = [4, 5, 8, 12, 16, 19, 21, 21, 18, 13, 8, 5];

    private readonly Randomizer $random;

    /** @var array<string, list<Occupant>> by system */
    private array $residents = [];

    /** @param  non-empty-list<Species>  $species  to choose from */
    private function __construct(private readonly array $species, int $seed)
    {
        $this->random = new Randomizer(new Mt19937($seed));
    }

    /** @param  non-empty-list<Species>  $species  to choose from */
    public static function of(int $fish, int $systems, array $species, int $seed): Facility
    {
        return (new self($species, $seed))->build($fish, $systems);
    }

    private function build(int $fish, int $systems): Facility
    {
        $homes = array_map(fn (int $i): System => $this->system($i, $systems), range(1, $systems));
        usort($homes, fn (System $a, System $b): int => $a->floorArea() <=> $b->floorArea());
        $all = [];
        for ($i = 1; $i <= $fish; $i++) {
            $all[] = $this->fish("fish-{$i}", "Fish {$i}", $homes);
        }

        return new Facility(LocalDate::fromIso(self::TODAY), self::HORIZON_DAYS, new Rulebook, $homes, array_values(array_filter($all)));
    }

    private function system(int $i, int $of): System
    {
        $isPond = $i % 7 === 0;
        // From an aquarium to a hall: each larger by the same share.
        $length = ($isPond ? 3000.0 : 900.0) * ($isPond ? 2.5 : 5.0) ** ($i / $of) * $this->random->getInt(90, 110) / 100;

        return new System(
            "system-{$i}", "System {$i}", $isPond ? SystemKind::Pond : SystemKind::Tank,
            [new Pool("system-{$i}", Box::inside($length, $length * $this->random->getInt(40, 60) / 100, min(1300.0, 300 + $length / 4)))],
            $isPond ? WaterTemperature::byMonth(self::POND_MONTHS) : WaterTemperature::heldAt($this->random->getInt(24, 27)),
            fittings: [Fitting::TightLid, Fitting::Hides, Fitting::Sand, Fitting::OpenFloor, Fitting::Flow, Fitting::Air],
        );
    }

    /**
     * @param  list<System>  $homes  the smallest first
     * @return Fish|null null: nobody who was tried finds a home
     */
    private function fish(string $key, string $name, array $homes): ?Fish
    {
        $today = LocalDate::fromIso(self::TODAY);
        for ($try = 0; $try < self::TRIES; $try++) {
            $species = $this->species[$this->random->getInt(0, count($this->species) - 1)];
            $isYoung = $this->random->getInt(1, self::ONE_IN_YOUNG) === 1;
            $length = $species->adultLength->typical * $this->random->getInt(...($isYoung ? self::YOUNG : self::GROWN)) / 100;
            $room = $isYoung ? min($species->adultLength->typical, self::ROOM_TO_GROW * $length) : $species->adultLength->typical;
            $occupant = new Occupant($name, $species, $room, max(1, $species->needs->minimumGroup), fish: $key);
            foreach ($homes as $home) {
                if ($this->takes($home, $occupant)) {
                    $this->residents[$home->key][] = $occupant;
                    $arrived = $today->plusDays(-$this->random->getInt(60, 400));

                    return new Fish($key, $name, $species, $arrived, [new Stay($home->key, $arrived)], [
                        new MeasuredLength($today->plusDays(-$this->random->getInt(0, 30)), Length::ofMillimetres($length), Method::Picture),
                    ], $occupant->count);
                }
            }
        }

        return null;
    }

    private function takes(System $home, Occupant $occupant): bool
    {
        $residents = $this->residents[$home->key] ?? [];
        if (Judgement::obstacleIn(new HousingCase($occupant, $home, $residents, new Rulebook)) !== null) {
            return false;
        }
        foreach ($residents as $i => $resident) {
            $others = [$occupant, ...array_values(array_diff_key($residents, [$i => true]))];
            if (Judgement::obstacleIn(new HousingCase($resident, $home, $others, new Rulebook, livesThere: true)) !== null) {
                return false;
            }
        }

        return true;
    }
}
