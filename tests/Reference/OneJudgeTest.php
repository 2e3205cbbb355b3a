<?php

declare(strict_types=1);

namespace Tests\Reference;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Salinity;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Species;
use Biomegas\Facility\Stay;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Measure\Length;
use Biomegas\Moving\Mixing\Hardiness;
use Biomegas\Moving\Mixing\MixingWay;
use Biomegas\Moving\Mixing\WaterMatch;
use Biomegas\Moving\Mixing\WaterSample;
use Biomegas\Moving\Sheet\MoveCase;
use Biomegas\Moving\Sheet\MovingOccupant;
use Biomegas\Moving\Sheet\Objection;
use Biomegas\Moving\Sheet\Objections;
use Biomegas\Planning\FishOutlook;
use Biomegas\Planning\HomesAhead\PlannedMove;
use Biomegas\Planning\HomesAhead\StayAhead;
use Biomegas\Rulebook\Method;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Planning\Chains;
use Tests\Said;
use Tests\SampleSpecies;

/** Two hundred invented facilities with shipped species: what is advised stands before the move sheet of that day. */
final class OneJudgeTest extends TestCase
{
    private const TODAY = '2027-03-01';

    private const FACILITIES = 200;

    private const TO_A_CASE = 20;

    /** @return iterable<string, array{int}> */
    public static function batches(): iterable
    {
        foreach (range(0, self::FACILITIES - 1, self::TO_A_CASE) as $first) {
            yield "from {$first} on" => [$first];
        }
    }

    #[DataProvider('batches')]
    public function test_no_two_answers_disagree(int $first): void
    {
        for ($seed = $first; $seed < $first + self::TO_A_CASE; $seed++) {
            $this->check(new Randomizer(new Mt19937($seed)), $seed);
        }
    }

    private function check(Randomizer $random, int $seed): void
    {
        [$facility, $planned] = self::invent($random);
        $chains = new Chains($facility, $planned);
        $growth = new FacilityGrowth($facility);
        foreach ($facility->fish as $fish) {
            $chain = $chains->of($fish->key);
            $this->checkOutgrowDate(FishOutlook::of($growth, $fish), $chain->stays[0], "{$seed} {$fish->name}");
            foreach ($chain->stays as $i => $stay) {
                if ($i > 0 && ! $stay->isPlanned) {
                    $this->checkMove($facility, $fish, $chain->stays[$i - 1], $stay, $chains, "{$seed} {$fish->name}");
                }
            }
        }
    }

    /** By size it leaves on the one day that every page names; for anything else before. */
    private function checkOutgrowDate(FishOutlook $outlook, StayAhead $present, string $where): void
    {
        $early = $outlook->current()->outgrows->early;
        if ($present->because?->rule === HousingRule::Size) {
            $this->assertEquals($early, $present->leave, $where);
        } elseif ($present->leave === null) {
            $this->assertNull($outlook->current()->outgrows->likely, "{$where}: what is only possible is watched");
        } elseif ($early !== null) {
            $this->assertFalse($present->leave->isAfter($early), $where);
        }
    }

    private function checkMove(Facility $facility, Fish $fish, StayAhead $before, StayAhead $stay, Chains $chains, string $where): void
    {
        $home = $facility->system($stay->system->key);
        $this->assertTrue($home->isAvailableOn($stay->from), $where);
        $this->assertTrue($stay->leave === null || $stay->leave->isAfter($stay->from), $where);
        $water = new WaterSample(25, 7.0, 4, 10);
        $mover = Shoal::of($fish)->occupant($before->lengthAtEnd);
        $case = new MoveCase([new MovingOccupant($mover, 100, Hardiness::Usual)], $facility->system($before->system->key), $home, $water, $water, $chains->residents->in($home, $stay->from, $fish), $stay->from, $facility->rulebook);
        $blocks = array_filter(
            Objections::of($case, WaterMatch::of($water, $water, Hardiness::Usual, MixingWay::TakeOut, 20.0, false)),
            fn (Objection $objection): bool => $objection->isBlock,
        );

        $this->assertSame([], array_map(fn (Objection $objection): string => Said::of($objection->finding), $blocks), "{$where} into {$stay->system->name} on {$stay->from->toIso()}");
    }

    /** @return array{Facility, list<PlannedMove>} */
    private static function invent(Randomizer $random): array
    {
        $systems = array_map(fn (int $i): System => self::system($i, $random), range(1, $random->getInt(3, 8)));
        $allSpecies = array_keys(SampleSpecies::descriptions());
        $fish = array_map(
            fn (int $i): Fish => self::fish($i, SampleSpecies::named($allSpecies[$random->getInt(0, count($allSpecies) - 1)]), $systems[$random->getInt(0, count($systems) - 1)], $random),
            range(1, $random->getInt(3, 8)),
        );
        $to = $systems[$random->getInt(0, count($systems) - 1)]->key;
        $planned = $to === $fish[0]->currentSystem() ? [] : [new PlannedMove($fish[0]->key, $fish[0]->currentSystem(), $to, self::day($random->getInt(-5, 60)))];

        return [new Facility(self::day(0), 730, new Rulebook, $systems, $fish), $planned];
    }

    private static function system(int $i, Randomizer $random): System
    {
        $isPond = $random->getInt(1, 5) === 1;
        $length = $isPond ? $random->getInt(3000, 8000) : $random->getInt(500, 4000);

        return new System(
            "system-{$i}", "System {$i}", $isPond ? SystemKind::Pond : SystemKind::Tank,
            [new Pool("system-{$i}", Box::inside($length, $random->getInt(35, 70) / 100 * $length, $random->getInt(400, 1500)))],
            $isPond ? WaterTemperature::byMonth([4, 5, 8, 12, 16, 19, 21, 21, 18, 13, 8, 5]) : WaterTemperature::heldAt($random->getInt(200, 280) / 10),
            $random->getInt(1, 6) === 1 ? self::day($random->getInt(1, 200)) : null,
            fittings: array_values(array_filter(Fitting::cases(), fn (Fitting $fitting): bool => $random->getInt(0, 1) === 1 && $fitting !== Fitting::BareQuarantine)),
            salinity: [Salinity::Fresh, Salinity::Fresh, Salinity::Fresh, Salinity::Marine][$random->getInt(0, 3)],
        );
    }

    private static function fish(int $i, Species $species, System $home, Randomizer $random): Fish
    {
        $arrived = self::day(-$random->getInt(30, 500));
        $length = $random->getInt(20, 80) / 100 * $species->adultLength->typical;

        return new Fish(
            "fish-{$i}", "Fish {$i}", $species, $arrived, [new Stay($home->key, $arrived)],
            [new MeasuredLength($arrived, Length::ofMillimetres($length), Method::Picture)],
            $species->needs->minimumGroup > 1 ? $species->needs->minimumGroup + $random->getInt(0, 4) : 1,
        );
    }

    private static function day(int $days): LocalDate
    {
        return LocalDate::fromIso(self::TODAY)->plusDays($days);
    }
}
