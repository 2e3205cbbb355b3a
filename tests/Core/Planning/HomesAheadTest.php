<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\CandidateSpecies;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Habits;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Range;
use Biomegas\Facility\Span;
use Biomegas\Facility\Species;
use Biomegas\Facility\Stay;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Facility\System;
use Biomegas\Facility\WaterLayer;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Measure\Length;
use Biomegas\Planning\FishOutlook;
use Biomegas\Planning\HomesAhead\FallbackMissing;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\HomesAhead\PlannedMove;
use Biomegas\Planning\HomesAhead\StayAhead;
use Biomegas\Rulebook\Method;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class HomesAheadTest extends TestCase
{
    private const LENGTHS = ['2026-01-10' => 82, '2026-04-12' => 142, '2026-08-02' => 205, '2026-12-06' => 260];

    public function test_the_smallest_home_that_lasts_is_the_next(): void
    {
        $this->assertSame(['home', 'good'], array_slice($this->homes($this->chain([self::home(), Example::tank('hardly', 130, 48), Example::tank('good', 180, 60), Example::tank('vast', 400, 200)])), 0, 2));
    }

    public function test_when_none_lasts_the_one_that_lasts_longest_is_the_next(): void
    {
        $this->assertSame(['home', 'better'], $this->homes($this->chain([self::home(), Example::tank('hardly', 124, 46), Example::tank('better', 128, 47)])));
    }

    public function test_no_home_that_is_too_cold_or_smaller_is_the_next(): void
    {
        $chain = $this->chain([self::home(), Example::pond('pond'), Example::tank('small', 60, 30)], species: Example::of(keep: new Span(22, 30)));

        $this->assertNull($chain->next());
        $this->assertTrue($chain->isStuck());
        $this->assertSame('It outgrows its home and no other here takes it', Said::of(FallbackMissing::reason($this->fish(), $chain)));
    }

    public function test_one_that_may_be_a_larger_species_is_not_at_home_for_life(): void
    {
        $home = Example::tank('home', 220, 90);
        $small = $this->fish();
        $giant = new Species('giant', 'Giant', 'Gigas inventus', Range::of('adult_length_mm', 1800, 2000, 2400), Range::of('growth_coefficient_per_year', 0.2, 0.3, 0.4), SwimmingStyle::Slow);
        $perhaps = fn (float $weight): Fish => new Fish('one', 'One', $small->species, $small->arrived, $small->stays, array_slice($small->lengths->all(), -1), candidates: [new CandidateSpecies($giant, $weight)]);
        $isForLife = fn (Fish $fish): bool => (new Chains(Example::facility([$home], [$fish])))->of('one')->isForLife();

        $this->assertTrue($isForLife($small));
        $this->assertFalse($isForLife($perhaps(0.6)));
    }

    public function test_it_leaves_on_the_day_on_which_it_may_have_outgrown_its_home(): void
    {
        $facility = Example::facility([self::home()], [$fish = $this->fish()]);
        $outgrows = FishOutlook::of(new FacilityGrowth($facility), $fish)->current()->outgrows;

        $this->assertEquals($outgrows->early, (new Chains($facility))->of('one')->stays[0]->leave);
    }

    public function test_an_empty_home_comes_before_company(): void
    {
        $chain = $this->chain([self::home(), Example::tank('shared', 180, 60), Example::tank('empty', 200, 70)], [$this->other('shared')]);

        $this->assertSame(['home', 'empty'], array_slice($this->homes($chain), 0, 2));
        $this->assertSame([], $chain->next()?->company);
    }

    public function test_company_that_may_turn_on_it_is_named(): void
    {
        $homes = [self::home(), Example::tank('shared', 400, 200)];
        $company = fn (int $temper, string $genus): array => $this->chain($homes, [$this->other('shared', $temper, $genus)])->next()->company ?? [];

        $this->assertSame(['Other'], $company(4, 'Alius'));
        $this->assertSame(['Other'], $company(3, 'Piscis'), 'of one genus');
        $this->assertSame([], $company(3, 'Alius'));
        $this->assertSame([], $company(5, 'Piscis'), 'it does not go there at all');
    }

    public function test_nobody_goes_to_whom_it_swallows(): void
    {
        $small = $this->other('shared', mm: 40, adult: 50);

        $this->assertNull($this->chain([self::home(), Example::tank('shared', 400, 200)], [$small])->next());
    }

    public function test_a_home_is_not_for_life_when_a_grown_resident_swallows_it_one_day(): void
    {
        $giant = new Fish('giant', 'Giant', new Species(
            'giant', 'Giant', 'Gigas inventus', Range::of('adult_length_mm', 1800, 2000, 2400), Range::of('growth_coefficient_per_year', 0.05, 0.06, 0.08),
            SwimmingStyle::Slow,
        ), LocalDate::fromIso('2027-01-10'), [new Stay('home', LocalDate::fromIso('2027-01-10'))], [new MeasuredLength(LocalDate::fromIso('2027-01-10'), Length::ofMillimetres(300), Method::Hand)]);
        $home = Example::tank('home', 2000, 1000, 200);
        $alone = $this->chain([$home]);
        $together = $this->chain([$home], [$giant]);

        $this->assertTrue($alone->isForLife());
        $this->assertNull($together->stays[0]->leave, 'it still fits beside it for as long as can be seen');
        $this->assertFalse($together->isForLife());
    }

    public function test_a_planned_move_is_part_of_the_chain(): void
    {
        $chain = $this->chain([self::home(), Example::tank('good', 180, 60), Example::tank('vast', 800, 400)], planned: [$this->move('one', 'home', 'vast', '2027-03-10')]);

        $this->assertSame(['home', 'vast'], $this->homes($chain));
        $this->assertSame('2027-03-10', $chain->stays[0]->move?->toIso());
        $this->assertTrue($chain->next()?->isPlanned);
    }

    public function test_a_move_that_is_late_is_made_today(): void
    {
        $chain = $this->chain([self::home(), Example::tank('vast', 800, 400)], planned: [$this->move('one', 'home', 'vast', '2027-02-10')]);

        $this->assertSame('2027-03-01', $chain->stays[0]->move?->toIso());
    }

    public function test_a_plan_that_was_overtaken_moves_nobody(): void
    {
        $chain = $this->chain([self::home(), Example::tank('good', 180, 60)], planned: [$this->move('one', 'good', 'home', '2027-03-10')]);

        $this->assertSame(['home', 'good'], array_slice($this->homes($chain), 0, 2));
        $this->assertFalse($chain->next()?->isPlanned);
    }

    public function test_a_promised_home_is_not_free_and_a_freed_one_is(): void
    {
        $homes = [self::home(), Example::tank('good', 180, 60), Example::tank('other home', 181, 61)];
        $other = $this->other('other home', temper: 1, genus: 'Alius', needs: new HousingNeeds(isSpeciesOnly: true));

        $this->assertSame('good', $this->chain($homes, [$other])->next()?->system->key);
        $this->assertSame('other home', $this->chain($homes, [$other], planned: [$this->move('other', 'other home', 'good', '2027-03-08')])->next()?->system->key);
    }

    public function test_part_of_a_shoal_takes_its_share_of_the_floor_along(): void
    {
        $homes = [Example::tank('home', 180, 60), Example::tank('good', 180, 60)];
        $shoal = Example::fish(Example::of(), 'home', self::LENGTHS, count: 4);
        $leave = fn (array $planned): ?LocalDate => (new Chains(Example::facility($homes, [$shoal, $this->other('home', temper: 1, genus: 'Alius')]), $planned))->of('other')->stays[0]->leave;
        $before = $leave([]);
        $after = $leave([new PlannedMove('one', 'home', 'good', LocalDate::fromIso('2027-03-01'), 3)]);

        $this->assertNotNull($before);
        $this->assertTrue($after === null || $after->isAfter($before));
    }

    public function test_a_place_is_kept_for_one_that_comes_back(): void
    {
        $homes = [self::home(), Example::tank('good', 180, 60), Example::tank('refuge', 181, 61)];
        $other = $this->other('refuge', temper: 1, genus: 'Alius', needs: new HousingNeeds(isSpeciesOnly: true));
        $back = new PlannedMove('other', 'refuge', 'good', LocalDate::fromIso('2027-04-01'), isReturn: true);
        $next = $this->chain($homes, [$other], planned: [$back])->next();

        $this->assertSame('refuge', $next?->system->key, 'good waits for the other, whose refuge is free by then');
    }

    public function test_a_home_whose_water_would_need_too_much_changing_is_outgrown(): void
    {
        $shoal = Example::fish(Example::of(layer: WaterLayer::Bottom), 'home', self::LENGTHS, count: 6);
        $stay = fn (Rulebook $rulebook): StayAhead => (new Chains((new Facility(LocalDate::fromIso('2027-03-01'), 1095, $rulebook, [Example::tank('home', 420, 200, 12)], [$shoal]))))->of('one')->stays[0];
        $strict = $stay(new Rulebook(numbers: ['change_outgrown' => 0.3, 'grow_out_litres_per_cm' => 0.0]));

        $this->assertSame(HousingRule::Water, $strict->because?->rule);
        $this->assertStringContainsString('Too little water in Home', Said::of($strict->because->finding));
        $this->assertNotSame(HousingRule::Water, $stay(new Rulebook(numbers: ['change_outgrown' => 1.0, 'nitrate_yield' => 0.05, 'grow_out_litres_per_cm' => 0.0]))->because?->rule);
    }

    public function test_it_stays_until_its_quarantine_is_over(): void
    {
        $chain = $this->chain([self::home(), Example::tank('good', 180, 60)], notBefore: '2028-01-20');

        $this->assertSame('2028-01-20', $chain->stays[0]->move?->toIso());
        $this->assertSame('2028-01-20', $chain->next()?->from->toIso());
    }

    public function test_what_is_wrong_where_it_lives_counts_at_once(): void
    {
        $stay = $this->chain([self::home()], [$this->other('home', mm: 40)])->stays[0];

        $this->assertSame('2027-03-01', $stay->leave?->toIso());
        $this->assertSame(HousingRule::Swallowing, $stay->because?->rule);
    }

    public function test_a_home_for_less_than_six_weeks_is_a_stopgap(): void
    {
        $stays = array_map(fn (int $days): bool => (new StayAhead(self::home()->named(), $from = LocalDate::fromIso('2027-03-01'), null, $from->plusDays($days), 100, false, null, []))->isInterim(), [41, 42]);

        $this->assertSame([true, false], $stays);
    }

    public function test_what_must_be_built_holds_all_of_them(): void
    {
        $single = $this->chain([self::home()])->toBuild;
        $five = (new Chains(Example::facility([self::home()], [Example::fish(Example::of(), 'home', self::LENGTHS, count: 5)])))->of('one')->toBuild;

        $this->assertNotNull($single);
        $this->assertGreaterThan(4.99 * 2.9 * 500 ** 2, $five?->length * $five?->width, 'floor for five grown ones');
        $this->assertGreaterThan($single->length * $single->width, $five?->length * $five?->width);
    }

    /** @return list<string> */
    private function homes(HomesAhead $chain): array
    {
        return array_map(fn (StayAhead $stay): string => $stay->system->key, $chain->stays);
    }

    /**
     * @param  list<System>  $homes
     * @param  list<Fish>  $others
     * @param  list<PlannedMove>  $planned
     */
    private function chain(array $homes, array $others = [], array $planned = [], ?string $notBefore = null, ?Species $species = null): HomesAhead
    {
        return (new Chains(Example::facility($homes, [$this->fish($species), ...$others]), $planned))->of('one', $notBefore === null ? null : LocalDate::fromIso($notBefore));
    }

    private function fish(?Species $species = null): Fish
    {
        return Example::fish($species ?? Example::of(habits: new Habits(temperament: 2)), 'home', self::LENGTHS);
    }

    private function other(string $system, int $temper = 3, string $genus = 'Piscis', float $mm = 250, HousingNeeds $needs = new HousingNeeds, float $adult = 500): Fish
    {
        $like = Example::of();
        $species = new Species('other', 'Other', "{$genus} alter", Range::of('adult_length_mm', 0.8 * $adult, $adult, 1.3 * $adult), $like->growthCoefficient, $like->swimming, needs: $needs, habits: new Habits(temperament: $temper));

        return Example::fish($species, $system, ['2027-02-20' => $mm], key: 'other');
    }

    private function move(string $fish, string $from, string $to, string $on): PlannedMove
    {
        return new PlannedMove($fish, $from, $to, LocalDate::fromIso($on));
    }

    private static function home(): System
    {
        return Example::tank('home', 120, 45);
    }
}
