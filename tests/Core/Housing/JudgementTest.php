<?php

declare(strict_types=1);

namespace Tests\Core\Housing;

use Biomegas\Facility\Fitting;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\LitresNeed;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Salinity;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Span;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Facility\WaterLayer;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Measure\UnitSystem;
use Biomegas\Rulebook\FloorMethod;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleException;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

/** Every rule of housing: passes, or says why not and what would help. */
final class JudgementTest extends TestCase
{
    public function test_a_home_that_suits_passes_every_rule(): void
    {
        $judgement = $this->judge($this->home(), new Occupant('One', Example::of(), 150));

        $this->assertTrue($judgement->passes());
        $this->assertNull($judgement->obstacle());
    }

    public function test_size_names_the_rule_that_binds_and_the_home_of_a_grown_one(): void
    {
        $verdict = $this->verdict(HousingRule::Size, $this->home(), new Occupant('One', Example::of(), 500));

        $this->assertFalse($verdict->passes);
        $this->assertSame('At 50 cm it is too long to turn: Home holds up to 46 cm.', Said::of($verdict->finding));
        $this->assertSame('Grown, it needs a home of 165 by 65 cm inside.', Said::of($verdict->change));
    }

    public function test_the_largest_of_a_shoal_decides(): void
    {
        $this->assertFalse($this->verdict(HousingRule::Size, $this->home(), new Occupant('Shoal', Example::of(), 400, 5, 1.2))->passes);
    }

    public function test_salt_water_fish_do_not_live_in_fresh_water(): void
    {
        $verdict = $this->verdict(HousingRule::Salinity, $this->home(), new Occupant('Reef fish', Example::of(needs: new HousingNeeds(salinity: Salinity::Marine)), 100));

        $this->assertSame('Home is fresh water; right for Reef fish: marine.', Said::of($verdict->finding));
        $this->assertNull($verdict->change, 'nothing short of another home would help');
    }

    public function test_temperature_is_held_against_the_water_and_the_company(): void
    {
        $cool = new Occupant('Cool', Example::of(keep: new Span(10, 22)), 100);
        $warm = new Occupant('Warm', Example::of(keep: new Span(24, 30)), 100);

        $this->assertStringContainsString('held at 25 °C', Said::of($this->verdict(HousingRule::Temperature, $this->home(), $cool)->finding));
        $this->assertTrue($this->verdict(HousingRule::Temperature, $this->home(), $warm)->passes);
        $this->assertStringStartsWith('No one temperature suits', Said::of($this->verdict(HousingRule::Temperature, $this->home(), $warm, [$cool])->finding));
        $this->assertSame('falls to 4 °C in winter', substr(strstr(Said::of($this->verdict(HousingRule::Temperature, Example::pond('pond'), $warm)->finding), 'falls') ?: '', 0, 24));
    }

    public function test_the_change_of_temperature_suits_everybody(): void
    {
        $verdict = $this->verdict(HousingRule::Temperature, $this->home(celsius: 20), new Occupant('One', Example::of(keep: new Span(22, 30)), 100), [new Occupant('Two', Example::of(keep: new Span(18, 26), key: 'two'), 100)]);

        $this->assertSame('Hold it at 22 to 26 °C.', Said::of($verdict->change));
    }

    public function test_floor_is_counted_by_layer(): void
    {
        $bottom = fn (int $n): Occupant => new Occupant('Bottom fish', Example::of(layer: WaterLayer::Bottom), 200, $n);
        $top = new Occupant('Top fish', Example::of(layer: WaterLayer::Top, key: 'top'), 200, 8);

        $this->assertTrue($this->verdict(HousingRule::Floor, $this->home(), $bottom(8), [$top])->passes, 'they do not meet');
        $this->assertFalse($this->verdict(HousingRule::Floor, $this->home(), $bottom(12))->passes);
        $everywhere = new Occupant('All', Example::of(key: 'all'), 200, 4);
        $this->assertFalse($this->verdict(HousingRule::Floor, $this->home(), $bottom(8), [$everywhere])->passes, 'a fish of all layers counts in each');
        $this->assertMatchesRegularExpression('/^(Two|Three) fewer of them, or 0\.\d+ m² more floor\.$/', (string) Said::of($this->verdict(HousingRule::Floor, $this->home(), $bottom(12))->change));
    }

    public function test_crowding_on_purpose_holds_under_its_conditions_and_says_when_not(): void
    {
        $crowded = new Rulebook(['floor' => FloorMethod::Crowded->value]);
        $fish = fn (int $n, float $mm): Occupant => new Occupant('Grazers', Example::of(), $mm, $n);
        $airy = $this->home(fittings: [Fitting::Air, Fitting::Flow]);

        $this->assertTrue($this->verdict(HousingRule::Floor, $airy, $fish(40, 120), [], $crowded)->passes);
        $this->assertFalse($this->verdict(HousingRule::Floor, $airy, $fish(40, 120))->passes, 'the roomy school refuses it');
        $this->assertStringContainsString('no extra air and flow', Said::of($this->verdict(HousingRule::Floor, $this->home(), $fish(40, 120), [], $crowded)->finding));
        $this->assertStringContainsString('fewer than six', Said::of($this->verdict(HousingRule::Floor, $airy, $fish(5, 120), [], $crowded)->finding));
        $this->assertStringContainsString('not of like size', Said::of($this->verdict(HousingRule::Floor, $airy, $fish(6, 120), [new Occupant('Big', Example::of(key: 'big'), 190)], $crowded)->finding));
        $this->assertStringContainsString('mid-sized', Said::of($this->verdict(HousingRule::Floor, $airy, $fish(6, 260), [], $crowded)->finding));
    }

    public function test_litres_of_a_mixed_home_are_the_largest_need_and_each_more_of_the_rest(): void
    {
        $needs = fn (float $usual, float $eachMore): HousingNeeds => new HousingNeeds(litres: new LitresNeed(1, $usual / 2, $usual, 2 * $usual, $eachMore));
        $big = new Occupant('Big', Example::of(needs: $needs(400, 150)), 500);
        $small = new Occupant('Small', Example::of(needs: $needs(100, 40), key: 'small'), 500, 3);
        $litres = new Rulebook(['home' => 'litres-usual']);
        // 400 for the big one, 3 x 40 for the small ones: 520; the home has 648.
        $this->assertStringContainsString('520 l needed', Said::of($this->verdict(HousingRule::SharedLitres, $this->home(), $big, [$small], $litres)->finding));
        $this->assertTrue($this->verdict(HousingRule::SharedLitres, $this->home(), $big, [$small], $litres)->passes);
        $this->assertFalse($this->verdict(HousingRule::SharedLitres, $this->home(), $big, [$small], new Rulebook(['home' => 'litres-generous']))->passes);
        $this->assertNull($this->find(HousingRule::SharedLitres, $this->judge($this->home(), $big, [$small])), 'the other school does not ask');
    }

    public function test_half_grown_fish_need_fewer_litres(): void
    {
        $need = new HousingNeeds(litres: new LitresNeed(1, 500, 1000, 2000, 300));
        $half = $this->verdict(HousingRule::SharedLitres, $this->home(), new Occupant('Half', Example::of(needs: $need), 250), [], new Rulebook(['home' => 'both']));

        $this->assertStringContainsString((string) round(1000 * 0.5 ** 1.5).' l needed', Said::of($half->finding));
    }

    public function test_a_group_counts_those_of_its_kind_who_live_there(): void
    {
        $species = Example::of(needs: new HousingNeeds(minimumGroup: 5));
        $verdict = $this->verdict(HousingRule::Group, $this->home(), new Occupant('Two', $species, 60, 2), [new Occupant('One', $species, 60)]);

        $this->assertStringContainsString('there would be three', Said::of($verdict->finding));
        $this->assertSame('Two more of them.', Said::of($verdict->change));
        $this->assertTrue($this->verdict(HousingRule::Group, $this->home(), new Occupant('Five', $species, 60, 5))->passes);
    }

    public function test_a_loner_shares_with_nobody_whoever_comes_second(): void
    {
        $loner = new Occupant('Loner', Example::of(needs: new HousingNeeds(isSpeciesOnly: true)), 100);
        $other = new Occupant('Other', Example::of(key: 'other'), 100);

        $this->assertFalse($this->verdict(HousingRule::SpeciesOnly, $this->home(), $loner, [$other])->passes);
        $this->assertFalse($this->verdict(HousingRule::SpeciesOnly, $this->home(), $other, [$loner])->passes);
        $this->assertTrue($this->verdict(HousingRule::SpeciesOnly, $this->home(), $loner, [new Occupant('Its like', $loner->species, 90)])->passes);
    }

    public function test_missing_fittings_are_listed_and_a_tight_lid_is_a_lid(): void
    {
        $species = Example::of(needs: new HousingNeeds(fittings: [Fitting::Lid, Fitting::Sand, Fitting::Hides]));

        $this->assertSame('It wants sand and hides, which Home has not.', Said::of($this->verdict(HousingRule::Fittings, $this->home(fittings: [Fitting::TightLid]), new Occupant('One', $species, 100))->finding));
        $this->assertTrue($this->verdict(HousingRule::Fittings, $this->home(fittings: [Fitting::Lid, Fitting::Sand, Fitting::Hides]), new Occupant('One', $species, 100))->passes);
    }

    public function test_a_thin_fish_goes_down_the_overflow(): void
    {
        $species = Example::of(needs: new HousingNeeds(bodyDepthRatio: 0.2));
        $slotted = $this->home(slot: 6.0);

        $this->assertSame('Guard the overflow with a mesh.', Said::of($this->verdict(HousingRule::Overflow, $slotted, new Occupant('Thin', $species, 50))->change));
        $this->assertTrue($this->verdict(HousingRule::Overflow, $slotted, new Occupant('Grown', $species, 80))->passes);
    }

    public function test_acidity_and_hardness_are_advice(): void
    {
        $species = Example::of(needs: new HousingNeeds(ph: new Span(5, 6.5), hardness: new Span(1, 8)));
        $judgement = $this->judge($this->home(), new Occupant('One', $species, 100));

        $this->assertSame('The pH there is 7.4; 5 to 6.5 is liked.', Said::of($this->find(HousingRule::Acidity, $judgement)?->finding));
        $this->assertFalse($this->find(HousingRule::Hardness, $judgement)?->passes);
        $this->assertTrue($judgement->passes(), 'advice refuses nothing');
    }

    public function test_what_a_keeper_sets_aside_passes_with_the_reason(): void
    {
        $species = Example::of(needs: new HousingNeeds(fittings: [Fitting::Lid]));
        $rulebook = new Rulebook(exceptions: [new RuleException('fish-1', 'fittings', RuleException::SET_ASIDE, 'It never jumped.')]);
        $set = fn (?string $fish): Verdict => $this->verdict(HousingRule::Fittings, $this->home(), new Occupant('One', $species, 100, 1, 1.0, $fish), [], $rulebook);

        $this->assertSame('It never jumped.', $set('fish-1')->setAside);
        $this->assertTrue($set('fish-1')->passes);
        $this->assertFalse($set('fish-2')->passes);
    }

    public function test_inches_and_gallons_where_the_keeper_counts_in_them(): void
    {
        $case = new HousingCase(new Occupant('One', Example::of(), 500), $this->home(), [], new Rulebook);

        $this->assertSame('At 19.7 in it is too long to turn: Home holds up to 18.2 in.', Said::of($this->find(HousingRule::Size, Judgement::of($case))?->finding, UnitSystem::Us));
    }

    /** @param  list<Fitting>  $fittings */
    private function home(float $celsius = 25, array $fittings = [], ?float $slot = null): System
    {
        return new System(
            'home', 'Home', SystemKind::Tank, [new Pool('home', Box::inside(1800, 600, 600))],
            WaterTemperature::heldAt($celsius), fittings: $fittings, overflowSlot: $slot, ph: 7.4, hardness: 12.0,
        );
    }

    /** @param  list<Occupant>  $residents */
    private function judge(System $home, Occupant $newcomer, array $residents = [], Rulebook $rulebook = new Rulebook): Judgement
    {
        return Judgement::of(new HousingCase($newcomer, $home, $residents, $rulebook));
    }

    /** @param  list<Occupant>  $residents */
    private function verdict(HousingRule $rule, System $home, Occupant $newcomer, array $residents = [], Rulebook $rulebook = new Rulebook): Verdict
    {
        return $this->find($rule, $this->judge($home, $newcomer, $residents, $rulebook)) ?? $this->fail("{$rule->value} said nothing");
    }

    private function find(HousingRule $rule, Judgement $judgement): ?Verdict
    {
        return array_values(array_filter($judgement->verdicts, fn (Verdict $verdict): bool => $verdict->rule === $rule))[0] ?? null;
    }
}
