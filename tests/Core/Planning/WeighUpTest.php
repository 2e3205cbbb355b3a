<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Facility\Background;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\Habits;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\LengthWeight;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Span;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\HomesAhead\Resident;
use Biomegas\Planning\HomesAhead\Residents;
use Biomegas\Planning\HomesAhead\StayAhead;
use Biomegas\Planning\Search\Fit;
use Biomegas\Planning\Search\SpeciesSearch;
use Biomegas\Planning\Search\SuitableSpecies;
use Biomegas\Planning\WeighUp\Advice;
use Biomegas\Planning\WeighUp\Candidate;
use Biomegas\Planning\WeighUp\HealthSeen;
use Biomegas\Planning\WeighUp\WeighUp;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

/** Weighing up, the chain of homes and the search turned round, on invented species of adult length about 50 cm. */
final class WeighUpTest extends TestCase
{
    public function test_the_chain_goes_through_ever_longer_lasting_homes(): void
    {
        $weighed = $this->weigh(Example::of(), [Example::tank('small', 90, 45), Example::tank('middle', 150, 60), Example::tank('large', 300, 120)]);
        $names = array_map(fn ($stay): string => $stay->system->name, $weighed->chain->stays);

        $this->assertSame(Advice::Take, $weighed->advice);
        $this->assertSame(['Small', 'Middle', 'Large'], $names);
        $this->assertTrue($weighed->chain->isForLife());
        $this->assertSame('Take it: Small, then Middle, then Large hold it for life.', Said::of($weighed->finding));
        foreach (array_slice($weighed->chain->stays, 0, -1) as $stay) {
            $this->assertNotNull($stay->leave);
            $this->assertFalse($stay->move?->isAfter($stay->leave), 'moved before it must');
        }
    }

    public function test_the_other_school_goes_to_the_adult_home_at_once(): void
    {
        $weighed = $this->weigh(Example::of(), [Example::tank('small', 80, 40), Example::tank('large', 300, 120)], rulebook: new Rulebook(['upgrade' => 'final-first']));

        $this->assertSame('Take it: Large holds it for life.', Said::of($weighed->finding));
    }

    public function test_what_is_missing_at_the_end_must_be_built_by_a_day(): void
    {
        $weighed = $this->weigh(Example::of(), [Example::tank('middle', 150, 60)]);

        $this->assertSame(Advice::OnlyIf, $weighed->advice);
        $this->assertNotNull($weighed->chain->toBuild);
        $this->assertTrue($weighed->chain->toBuild->by->equals($weighed->chain->stays[0]->leave ?? $weighed->chain->toBuild->begin));
        $this->assertSame(60, $weighed->chain->toBuild->begin->daysUntil($weighed->chain->toBuild->by));
        $this->assertGreaterThan(3.3 * 600, $weighed->chain->toBuild->length, 'for one larger than nine in ten');
        $this->assertMatchesRegularExpression('/^Take it only if a tank of \d+ by \d+ cm inside is ready by \d+ \w+ 20\d\d and you know where it goes if that fails\.$/', Said::of($weighed->finding));
    }

    public function test_the_reason_names_the_rule_that_ends_a_stay(): void
    {
        $stay = $this->weigh(Example::of(), [Example::tank('middle', 150, 60), Example::tank('large', 300, 120)])->chain->stays[0];

        $this->assertStringContainsString('too long', (string) Said::of($stay->because?->finding));
        $this->assertGreaterThan(150, $stay->lengthAtEnd);
    }

    public function test_a_wanted_fallback_and_quarantine_are_conditions(): void
    {
        $homes = [Example::tank('large', 300, 120)];
        $resident = Example::fish(Example::of(key: 'resident'), 'large', [], '2027-01-01');
        $served = fn (int $days): string => Said::of($this->weigh(Example::of(), $homes, served: $days, fish: [$resident])->finding);

        $this->assertStringContainsString('a home is freed for 21 days of quarantine', $served(7));
        $this->assertStringNotContainsString('quarantine', $served(28));
        $this->assertNotNull($this->weigh(Example::of(), $homes, served: 0)->quarantine->home, 'an empty home serves');
    }

    public function test_quarantine_is_served_where_it_is_bare_else_in_the_smallest_that_stands_empty(): void
    {
        $bare = System::ofOnePool('bare', 'Bare', SystemKind::Tank, Box::inside(900, 400, 400));
        $bare = new System($bare->key, $bare->name, $bare->kind, $bare->pools, fittings: [Fitting::BareQuarantine]);
        $homes = [Example::tank('large', 300, 120), Example::tank('display', 150, 60), Example::tank('rack', 110, 45), $bare];
        $weighed = $this->weigh(Example::of(), $homes, served: 0);

        $this->assertSame('bare', $weighed->quarantine->home?->key);
        $this->assertNotContains('bare', array_map(fn (StayAhead $stay): string => $stay->system->key, $weighed->chain->stays), 'nobody lives there');
        $this->assertSame('rack', $this->weigh(Example::of(), array_slice($homes, 0, 3), served: 0)->quarantine->home?->key);
    }

    public function test_a_sick_one_and_one_without_a_home_are_refused(): void
    {
        $this->assertSame(Advice::DoNot, $this->weigh(Example::of(), [Example::tank('large', 300, 120)], health: HealthSeen::Sick)->advice);
        $weighed = $this->weigh(Example::of(), [Example::tank('tiny', 20, 10)]);
        $this->assertSame(Advice::DoNot, $weighed->advice);
        $this->assertStringContainsString('Tiny holds up to', Said::of($weighed->finding));
    }

    public function test_upkeep_is_of_all_of_them_and_grows_with_what_must_be_built(): void
    {
        $species = $this->heavy();
        $single = $this->weigh($species, [Example::tank('large', 300, 120)])->upkeep;
        $three = $this->weigh($species, [Example::tank('large', 300, 120)], count: 3)->upkeep;
        $homeless = $this->weigh($species, [Example::tank('middle', 150, 60)], price: 30)->upkeep;

        $this->assertNotNull($single);
        $this->assertEqualsWithDelta(3 * $single->adultMass, $three?->adultMass, 1e-6);
        $this->assertSame(0.0, $single->homeCost);
        $this->assertGreaterThan(100, $homeless?->homeCost);
        $this->assertEqualsWithDelta($homeless?->foodCost + $homeless?->homeCost + 30, $homeless?->whole(), 1e-6);
        [$low, $high] = $single->wholeBetween();
        $this->assertTrue($low < $single->whole() && $single->whole() < $high, 'a short life of a small one, a long life of a large one');
        $this->assertEqualsWithDelta($single->foodCost + (float) $single->keepCost, $single->whole(), 1e-9, 'food, and its part of water and power');
        $this->assertNull($homeless->keepCost, 'nobody knows what a home costs that is not there');
        $this->assertNull($this->weigh(Example::of(), [Example::tank('large', 300, 120)])->upkeep, 'its mass is not known');
    }

    public function test_no_fish_is_twice_as_long_as_its_kind(): void
    {
        $this->expectException(InvalidEntry::class);
        $this->weigh(Example::of(), [Example::tank('large', 300, 120)], length: 2000);
    }

    public function test_the_search_turned_round_ranks_and_gives_reasons(): void
    {
        $home = Example::tank('home', 150, 60, celsius: 25);
        $allSpecies = [
            [Example::of(key: 'big'), new Background(soldAt: 60)],
            [Example::of(keep: new Span(5, 15), key: 'cold'), new Background(soldAt: 60)],
            [$this->little(), new Background(soldAt: 20)],
        ];
        $found = (new SpeciesSearch($this->facility([$home], [], new Rulebook), $this->nobody()))->in($home, $allSpecies);

        $this->assertSame([Fit::ForLife, Fit::Until, Fit::Not], array_map(fn (SuitableSpecies $suitable): Fit => $suitable->fit, $found));
        $this->assertSame('little', $found[0]->species->key);
        $this->assertGreaterThan(6, $found[0]->most);
        $this->assertSame(6, $found[0]->least);
        $this->assertStringContainsString('too long', (string) Said::of($found[1]->because?->finding));
        $this->assertStringContainsString('held at 25 °C', (string) Said::of($found[2]->because?->finding));
    }

    public function test_residents_leave_less_room(): void
    {
        $home = Example::tank('home', 150, 60, celsius: 25);
        $crowd = Example::fish(Example::of(habits: new Habits(mouthRatio: 0.05), key: 'crowd'), 'home', [], '2027-01-01', count: 5);
        $residents = new Residents(fn (System $system): array => [new Resident($crowd, fn (): Occupant => new Occupant('Crowd', $crowd->species, 230, 5, 1.0, 'one'))]);
        $most = fn (Residents $with): int => (new SpeciesSearch($this->facility([$home], [], new Rulebook), $with))->in($home, [[$this->little(), new Background(soldAt: 20)]])[0]->most;

        $this->assertLessThan($most($this->nobody()), $most($residents));
    }

    public function test_one_that_would_be_swallowed_is_taken_grown(): void
    {
        $home = Example::tank('home', 150, 60);
        $resident = fn (float $long): Residents => new Residents(fn (System $system): array => [new Resident(Example::fish(Example::of(key: 'big'), 'home', [], '2027-01-01', key: 'big'), fn (): Occupant => new Occupant('Big', Example::of(key: 'big'), $long, 1, 1.0, 'big'))]);
        $weigh = fn (float $long): WeighUp => WeighUp::of(Candidate::of($this->little(), new Background, 6, 20, HealthSeen::Well, 28, null, true), $this->facility([$home], [], new Rulebook), $resident($long));

        $this->assertSame(Advice::OnlyIf, $weigh(80)->advice);
        $this->assertMatchesRegularExpression('/^Take them only if they are 3\.\d cm long or more, too long to be swallowed/', Said::of($weigh(80)->finding));
        $this->assertSame(Advice::DoNot, $weigh(400)->advice, 'it would never be safe');
    }

    public function test_a_species_that_would_be_swallowed_as_it_is_sold_is_searched_for_grown(): void
    {
        $home = Example::tank('home', 150, 60, celsius: 25);
        $big = Example::fish(Example::of(key: 'big'), 'home', [], '2027-01-01', key: 'big');
        $residents = new Residents(fn (System $system): array => [new Resident($big, fn (): Occupant => new Occupant('Big', $big->species, 80, 1, 1.0, 'big'))]);
        $found = (new SpeciesSearch($this->facility([$home], [], new Rulebook), $residents))->in($home, [[$this->little(), new Background(soldAt: 20)]])[0];

        $this->assertNotSame(Fit::Not, $found->fit);
        $this->assertGreaterThan(0.33 * 80, $found->joinFrom);
    }

    /**
     * @param  list<System>  $homes
     * @param  list<Fish>  $fish
     */
    private function weigh(Species $species, array $homes, int $count = 1, HealthSeen $health = HealthSeen::Well, int $served = 28, ?float $price = null, float $length = 60, array $fish = [], Rulebook $rulebook = new Rulebook): WeighUp
    {
        $candidate = Candidate::of($species, new Background(lifespan: new Span(10, 20)), $count, $length, $health, $served, $price, false);

        $there = fn (System $system): array => array_values(array_filter($fish, fn (Fish $single): bool => $single->currentSystem() === $system->key));
        $residents = new Residents(fn (System $system): array => array_map(fn (Fish $single): Resident => new Resident($single, fn (): Occupant => new Occupant($single->name, $single->species, 100, 1, 1.0, $single->key)), $there($system)));

        return WeighUp::of($candidate, $this->facility($homes, $fish, $rulebook), $residents);
    }

    private function nobody(): Residents
    {
        return new Residents(fn (System $system): array => []);
    }

    /**
     * @param  list<System>  $homes
     * @param  list<Fish>  $fish
     */
    private function facility(array $homes, array $fish, Rulebook $rulebook): Facility
    {
        return new Facility(\Biomegas\Calendar\LocalDate::fromIso('2027-03-01'), WeighUp::HORIZON_DAYS, $rulebook, $homes, $fish);
    }

    private function heavy(): Species
    {
        $species = Example::of();

        return new Species($species->key, $species->commonName, $species->scientificName, $species->adultLength, $species->growthCoefficient, $species->swimming, lengthWeight: new LengthWeight(0.02, 3));
    }

    private function little(): Species
    {
        $species = Example::of();

        return new Species('little', 'Little fish', $species->scientificName, \Biomegas\Facility\Range::of('adult_length_mm', 40, 50, 60), $species->growthCoefficient, $species->swimming, needs: new HousingNeeds(minimumGroup: 6));
    }
}
