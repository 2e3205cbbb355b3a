<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Facility\Equipment\Equipment;
use Biomegas\Facility\Equipment\Filter;
use Biomegas\Facility\Equipment\FilterMedia;
use Biomegas\Facility\Facility;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Facility\System;
use Biomegas\Facility\WaterLayer;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\Change\BeforeAfter;
use Biomegas\Planning\Change\ChangeAdvice;
use Biomegas\Planning\Change\SystemChange;
use Biomegas\Planning\FishOutlook;
use Biomegas\Planning\Floor\FloorPlan;
use Biomegas\Planning\Floor\LoadAhead;
use Biomegas\Planning\Floor\ProjectedOccupant;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Rulebook\Ration;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Nitrate\NitrateYield;
use Biomegas\Water\Nitrification\FilterCare;
use Biomegas\Water\Nitrification\Outcome;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class FloorPlanTest extends TestCase
{
    public function test_fish_grow_week_by_week_until_they_no_longer_fit(): void
    {
        [$facility, $system] = $this->facility(Example::tank('home', 122, 47));
        $plan = FloorPlan::of($facility, $system, $this->residents($facility));
        $fish = $plan->residents[0];
        $likely = FishOutlook::of(new FacilityGrowth($facility), $fish->fish)->current()->outgrows->likely;
        $this->assertNotNull($likely);
        $at = (int) ceil($facility->date->daysUntil($likely) / 7);

        $this->assertCount(1 + intdiv(1095, 7), $plan->days);
        // Between the months in a straight line: a tenth of a millimetre beside the curve.
        $this->assertGreaterThan($fish->limit->millimetres - 0.1, $fish->lengths[$at]->likely);
        $this->assertLessThanOrEqual($fish->limit->millimetres, $fish->lengths[$at - 1]->likely);
        $this->assertEqualsWithDelta(4.8 * $fish->lengths[$at]->likely, $fish->runNeeded()[$at], 1e-6);
        $this->assertEqualsWithDelta(1.4 * $fish->lengths[$at]->likely, $fish->turningNeeded()[$at], 1e-6);
    }

    public function test_the_floor_fills_in_the_layers_that_they_use(): void
    {
        [$facility, $system] = $this->facility(Example::tank('home', 240, 80), WaterLayer::Bottom);
        $plan = FloorPlan::of($facility, $system, $this->residents($facility));
        $length = $plan->residents[0]->lengths[0]->likely;

        $this->assertEqualsWithDelta(2.9 * $length ** 2 / $system->floorArea(), $plan->layers['bottom'][0], 1e-9);
        $this->assertSame(0.0, $plan->layers['top'][0]);
        $this->assertGreaterThan($plan->layers['bottom'][0], $plan->layers['bottom'][100]);
    }

    public function test_the_load_grows_with_them_and_says_when_it_is_too_much(): void
    {
        $home = Example::tank('home', 150, 60)->with(new Equipment(filter: new Filter(FilterMedia::Sponge, 1), weeklyChange: 0.15));
        [$facility, $system] = $this->facility($home);
        $ahead = LoadAhead::of($facility, $system, $this->residents($facility));
        $shares = array_map(fn (array $month): float => $month[1]->filterShare() ?? 0.0, $ahead->months);
        $sorted = $shares;
        sort($sorted);

        $this->assertSame($sorted, $shares);
        $this->assertMatchesRegularExpression('/^From \w+ 20\d\d the filter is too small/', Said::of($ahead->filterFull()));
        $this->assertMatchesRegularExpression('/^From \w+ 20\d\d the weekly change should be about /', Said::of($ahead->largerChange(NitrateYield::byExperience(new Rulebook(numbers: ['nitrate_yield' => 1.0])), 1.0)));
        $this->assertNull($ahead->largerChange(NitrateYield::byExperience(new Rulebook(numbers: ['nitrate_yield' => 0.05])), 1.0));
    }

    /** Common practice, no published source: forty fish at once after a deep clean risk an ammonia rise; a running filter bears a few. */
    public function test_may_i_add_forty_fish_after_this_deep_clean(): void
    {
        $both = $this->change(new SystemChange(...$this->newcomers(40), care: FilterCare::DeepCleaned));
        $words = Said::of((new ChangeAdvice($both))->findings());

        $this->assertSame(Outcome::TooMuch, $both->forecast?->outcome());
        $this->assertStringContainsString('nitrite', $words);
        $this->assertLessThan(40, $both->mostAtOnce);
        $this->assertGreaterThan($both->before->load->mass, $both->after->load->mass);
        $this->assertLessThan($both->forecast->course->nitrite->height, $both->withChanges?->course->nitrite->height);
    }

    public function test_a_few_more_are_borne_by_a_filter_that_runs(): void
    {
        $both = $this->change(new SystemChange(...$this->newcomers(2)));

        $this->assertSame(Outcome::Safe, $both->forecast?->outcome());
        $this->assertStringContainsString('The filter bears it', Said::of((new ChangeAdvice($both))->findings()));
        $this->assertSame(2, $both->mostAtOnce);
    }

    public function test_a_divider_that_leaves_too_little_room_is_objected_to(): void
    {
        $both = $this->change(new SystemChange(dividerAt: 890.0));

        $this->assertSame([], $both->before->objections);
        $this->assertCount(1, $both->after->objections);
        $this->assertStringStartsWith('Not like this. One: ', Said::of((new ChangeAdvice($both))->findings()));
        $this->assertNull($both->forecast, 'it stirs no filter');
    }

    public function test_a_larger_change_lowers_nitrate_and_who_leaves_takes_its_load(): void
    {
        $more = $this->change(new SystemChange(weeklyChange: 0.5));
        $gone = $this->change(new SystemChange(leaving: 'one'));

        $this->assertLessThan($more->before->load->nitrate->peak(), $more->after->load->nitrate->peak());
        $this->assertSame('Yes: everybody still fits.', Said::of((new ChangeAdvice($more))->findings()));
        $this->assertSame(0.0, $gone->after->load->mass);
    }

    /** @return array{newcomers: list<Occupant>, newEaters: list<FedOccupant>} */
    private function newcomers(int $count): array
    {
        $species = Example::of(key: 'small', layer: WaterLayer::Top);

        return ['newcomers' => [new Occupant('Small fish', $species, 50.0, $count)], 'newEaters' => [new FedOccupant($species, 50.0, $count, Ration::Steady)]];
    }

    private function change(SystemChange $change): BeforeAfter
    {
        $home = Example::tank('home', 180, 70, 60, 25)->with(new Equipment(filter: new Filter(FilterMedia::Sponge, 30), turnover: 3000));
        [$facility, $system] = $this->facility($home, WaterLayer::Bottom);

        return BeforeAfter::of($facility, $system, $this->residents($facility), $change);
    }

    /** @return array{Facility, System} */
    private function facility(System $system, WaterLayer $layer = WaterLayer::All): array
    {
        $fish = Example::fish(Example::of(SwimmingStyle::Cruising, layer: $layer), $system->key, ['2027-01-10' => 180.0, '2027-02-27' => 200.0]);

        return [Example::facility([$system], [$fish]), $system];
    }

    /** @return list<ProjectedOccupant> */
    private function residents(Facility $facility): array
    {
        $study = new FacilityGrowth($facility);

        return array_values(array_map(fn ($fish): ProjectedOccupant => new ProjectedOccupant($fish, LengthsAhead::of($facility, $study->projectionOf($fish))), $facility->fish));
    }
}
