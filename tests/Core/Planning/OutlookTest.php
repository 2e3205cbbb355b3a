<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Planning\FishOutlook;
use Biomegas\Planning\FullSystem;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\HomesAhead\StayAhead;
use Biomegas\Planning\HomesAhead\UpgradesAhead;
use Biomegas\Planning\MeasurementDue;
use Biomegas\Planning\SystemOutlook;
use Biomegas\Planning\WhatIf;
use Biomegas\Rulebook\Ration;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class OutlookTest extends TestCase
{
    private const LENGTHS = ['2026-01-10' => 82, '2026-04-12' => 142, '2026-08-02' => 205, '2026-12-06' => 260];

    public function test_another_ration_changes_growth_and_load(): void
    {
        $facility = Example::facility([Example::tank('home', 180, 60)], [$fish = Example::fish(Example::of(), 'home', self::LENGTHS)]);
        $with = fn (?Ration $ration): WhatIf => WhatIf::of(new FacilityGrowth($facility), $fish, $ration);

        $this->assertEqualsWithDelta(1.4 * $with(null)->feedPerDay, $with(Ration::Several)->feedPerDay, 1e-9);
        $this->assertEqualsWithDelta(0.7 * $with(null)->weeklyChange, $with(Ration::Sparse)->weeklyChange, 1e-9);
        $this->assertTrue($with(Ration::Several)->outgrows->early?->isBefore($with(Ration::Sparse)->outgrows->early ?? $facility->horizon()));
    }

    public function test_upgrades_come_soonest_first_and_leave_out_who_stays(): void
    {
        $homes = [Example::tank('narrow', 118, 42), Example::tank('wide', 180, 60), Example::tank('vast', 800, 400)];
        $fish = array_map(fn (System $home): Fish => Example::fish(Example::of(), $home->key, self::LENGTHS, key: "in {$home->key}"), array_reverse($homes));
        $facility = Example::facility($homes, $fish);
        $chains = new Chains($facility);

        $this->assertSame(['in narrow', 'in wide'], UpgradesAhead::among(array_map(fn (Fish $fish): HomesAhead => $chains->of($fish->key), $facility->fish)));
    }

    public function test_who_has_to_go_is_told_apart_from_who_may_soon(): void
    {
        $today = LocalDate::fromIso('2027-03-01');
        $leaving = fn (?int $days): HomesAhead => new HomesAhead([new StayAhead(Example::tank('home', 120, 45)->named(), $today, null, $days === null ? null : $today->plusDays($days), 100, false, null, [])], null, null);

        $this->assertTrue(UpgradesAhead::isOver($leaving(null), false, $today), 'too small for it by its size');
        $this->assertTrue(UpgradesAhead::isOver($leaving(0), true, $today));
        $this->assertFalse(UpgradesAhead::isOver($leaving(1), true, $today));
        $this->assertFalse(UpgradesAhead::isOver($leaving(null), true, $today));
        $this->assertSame([false, true, true, false], array_map(fn (int $days): bool => UpgradesAhead::isSoon($leaving($days), $today), [0, 1, 90, 91]));
        $this->assertSame('No fish has to leave its home within 90 days.', Said::of(UpgradesAhead::told(0, 0)));
        $this->assertSame('One fish should leave its home, and two more may within 90 days.', Said::of(UpgradesAhead::told(1, 2)));
        $this->assertSame('Three fish should leave their homes.', Said::of(UpgradesAhead::told(3, 0)));
    }

    public function test_a_system_is_full_when_its_first_resident_outgrows_it(): void
    {
        $facility = Example::facility([$home = Example::tank('home', 120, 45)], [Example::fish(Example::of(), 'home', self::LENGTHS)]);
        $full = SystemOutlook::of($facility, $home, $this->all($facility));

        $this->assertSame('One: too long to turn', Said::of($full?->because));
        $this->assertEquals($this->all($facility)['one']->current()->outgrows->likely, $full->likely);
    }

    public function test_a_system_is_full_when_the_floor_runs_out(): void
    {
        $facility = Example::facility([$home = Example::tank('home', 180, 60)], [Example::fish(Example::of(), 'home', self::LENGTHS, count: 4)]);

        $this->assertSame('Floor full', Said::of(SystemOutlook::of($facility, $home, $this->all($facility))?->because));
    }

    public function test_of_too_many_together_the_chains_speak_where_they_are_known(): void
    {
        $facility = Example::facility([$home = Example::tank('home', 180, 60)], [Example::fish(Example::of(), 'home', self::LENGTHS, count: 4)]);
        $alone = SystemOutlook::of($facility, $home, $this->all($facility));
        $day = $facility->date->plusDays(100);
        $full = fn (HousingRule $rule): ?FullSystem => SystemOutlook::of($facility, $home, $this->all($facility), [[$day, Verdict::fail($rule, Finding::of('housing.water.more'), null)]]);

        $this->assertSame(['Floor full', $day->toIso()], [Said::of($full(HousingRule::Floor)?->because), $full(HousingRule::Floor)?->likely?->toIso()]);
        $this->assertSame(['More water, or fewer fish.', $day->toIso()], [Said::of($full(HousingRule::Water)?->because), $full(HousingRule::Water)?->likely?->toIso()]);
        $this->assertEquals($alone, $full(HousingRule::Size), 'one that leaves for its own size says nothing of the floor');
        $this->assertNotSame('Floor full', Said::of(SystemOutlook::of($facility, $home, $this->all($facility), [null])?->because), 'a move that is planned makes room');
    }

    public function test_an_empty_system_is_never_full(): void
    {
        $facility = Example::facility([$home = Example::tank('home', 120, 45)], []);

        $this->assertNull(SystemOutlook::of($facility, $home, []));
    }

    public function test_lengths_are_due_often_near_a_limit_and_seldom_when_nothing_hangs_on_them(): void
    {
        $outlook = fn (System $home, array $lengths): FishOutlook => FishOutlook::of(new FacilityGrowth(Example::facility([$home], [$fish = Example::fish(Example::of(), 'home', $lengths)])), $fish);
        $due = fn (System $home, array $lengths): string => MeasurementDue::of($outlook($home, $lengths))->toIso();

        $this->assertSame('2026-01-31', $due(Example::tank('home', 120, 45), array_slice(self::LENGTHS, 0, 1)), 'one length shows no pace');
        $opens = $outlook(Example::tank('home', 120, 45), self::LENGTHS)->current()->outgrows->early;
        $this->assertSame($opens?->plusDays(-28)->toIso(), $due(Example::tank('home', 120, 45), self::LENGTHS), 'four weeks before the window opens');
        $this->assertSame('2027-06-04', $due(Example::tank('home', 180, 60), self::LENGTHS));
        $this->assertSame('2027-06-04', $due(Example::tank('home', 800, 400), self::LENGTHS));
        $this->assertSame('2026-01-10', $due(Example::tank('home', 800, 400), []));
    }

    /** @return array<string, FishOutlook> */
    private function all(Facility $facility): array
    {
        return array_map(fn (Fish $fish): FishOutlook => FishOutlook::of(new FacilityGrowth($facility), $fish), $facility->fish);
    }
}
