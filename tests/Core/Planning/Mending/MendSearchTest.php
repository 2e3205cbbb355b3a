<?php

declare(strict_types=1);

namespace Tests\Core\Planning\Mending;

use Biomegas\Facility\Equipment\Equipment;
use Biomegas\Facility\Equipment\Filter;
use Biomegas\Facility\Equipment\FilterMedia;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\Habits;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\Span;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\HomesAhead\HomeSearch;
use Biomegas\Planning\HomesAhead\HomeToBuild;
use Biomegas\Planning\HomesAhead\Residents;
use Biomegas\Planning\HomesAhead\Whereabouts;
use Biomegas\Planning\Mending\AllToBuild;
use Biomegas\Planning\Mending\HomeAhead;
use Biomegas\Planning\Mending\HomesUnder;
use Biomegas\Planning\Mending\Mend;
use Biomegas\Planning\Mending\MendSearch;
use Biomegas\Planning\Mending\Requirements;
use Biomegas\Planning\Plan\Decision;
use Biomegas\Planning\Plan\Lodger;
use Biomegas\Planning\Plan\ProposedHomes;
use Biomegas\Planning\Supposing\Fewer;
use Biomegas\Planning\Supposing\Fitted;
use Biomegas\Planning\Supposing\KeptAt;
use Biomegas\Planning\Supposing\LargerChange;
use Biomegas\Planning\Supposing\MoreMedia;
use Biomegas\Planning\Supposing\Parted;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Core\Planning\Plan\Plans;

final class MendSearchTest extends TestCase
{
    public function test_water_that_is_too_cool_is_kept_warmer_by_no_more_than_it_takes(): void
    {
        $facility = Example::facility([Example::tank('home', 400, 160, 80, 22)], [Example::fish(Example::of(keep: new Span(24, 28)), 'home', ['2027-02-20' => 200.0])]);
        [$mend] = $this->mends($facility);
        $this->assertEquals(new KeptAt('home', 24.0), $mend->doing);
        $this->assertSame($mend->ofDays, $mend->days);
        $this->assertSame(0.0, $mend->price);
        $this->assertGreaterThan(0.0, $mend->perYear, 'warmth costs');
        $this->assertSame(['One'], array_map(fn (Fish $fish): string => $fish->name, $mend->for));
    }

    public function test_of_a_shoal_that_is_too_large_some_are_given_away_and_no_more_than_must(): void
    {
        $facility = Example::facility([Example::tank('home', 400, 160, 80, 25)], [Example::fish(Example::of(needs: new HousingNeeds(minimumGroup: 3)), 'home', ['2026-12-20' => 250.0, '2027-02-20' => 300.0], count: 16)]);
        $fewer = array_values(array_filter($this->mends($facility), fn (Mend $mend): bool => $mend->doing instanceof Fewer))[0] ?? null;
        $this->assertNotNull($fewer);
        $this->assertInstanceOf(Fewer::class, $fewer->doing);
        $this->assertGreaterThanOrEqual(3, $fewer->doing->count, 'a group is left');
        $this->assertLessThan(16, $fewer->doing->count);
        $this->assertGreaterThan(0, $fewer->days);
        $parted = array_values(array_filter($this->mends($facility), fn (Mend $mend): bool => $mend->doing instanceof Parted))[0] ?? null;
        $this->assertInstanceOf(Parted::class, $parted?->doing);
        $this->assertGreaterThanOrEqual(3, $parted->doing->count, 'those who go are a group too');
        $after = $parted->doing->applyTo($facility)->fish;
        $this->assertSame([16 - $parted->doing->count, $parted->doing->count], [$after['one']->count, $after['one/part']->count]);
    }

    public function test_who_would_be_swallowed_is_kept_behind_a_divider(): void
    {
        $facility = $this->eaterAndEaten();
        $before = (new Plans($facility))->planner->describe($this->asItIs($facility));
        $this->assertNotSame([], array_filter($before->breaches, fn ($breach): bool => $breach->verdict->rule === HousingRule::Swallowing));
        $mend = array_values(array_filter($this->mends($facility), fn (Mend $mend): bool => $mend->dividerAt !== null))[0] ?? null;
        $this->assertNotNull($mend);
        $this->assertGreaterThan(0, $mend->days);
        $this->assertSame(60.0, $mend->price);
        $this->assertNull($mend->doing, 'no plan can take it');
    }

    public function test_where_a_larger_change_is_made_the_water_holds_more(): void
    {
        $shoal = fn (int $count): Facility => Example::facility([Example::tank('home', 300, 160, 22, 25)], [Example::fish(Example::of(needs: new HousingNeeds(minimumGroup: 2)), 'home', ['2026-12-20' => 250.0, '2027-02-20' => 300.0], count: $count)]);
        foreach (range(2, 14) as $count) {
            $facility = $shoal($count);
            $byWater = array_filter((new Plans($facility))->planner->describe($this->asItIs($facility))->breaches, fn ($breach): bool => $breach->verdict->rule === HousingRule::Water);
            if ($byWater !== []) {
                $more = (new LargerChange('home', 0.6))->applyTo($facility);
                $this->assertLessThan(
                    array_sum(array_map(fn ($breach): int => $breach->days(), $byWater)),
                    array_sum(array_map(fn ($breach): int => $breach->days(), array_filter((new Plans($more))->planner->describe($this->asItIs($more))->breaches, fn ($breach): bool => $breach->verdict->rule === HousingRule::Water))),
                );

                return;
            }
        }
        $this->fail('some number of them fouls the water');
    }

    public function test_where_nothing_here_helps_the_cheapest_home_that_would_is_named(): void
    {
        $facility = Example::facility([Example::tank('small', 120, 50)], [Example::fish(Example::of(), 'small', ['2026-12-01' => 160.0, '2027-02-20' => 200.0])]);
        $search = $this->search($facility);
        $this->assertSame([], $search->mends());
        [$unsolved] = $search->unsolved([], $this->proposed($facility));
        $this->assertSame('one', $unsolved->fish->key);
        $this->assertGreaterThan(0.0, $unsolved->home->opening?->price);
        $this->assertGreaterThan(100, $unsolved->days);
        $this->assertFalse($unsolved->begin->isBefore($facility->date));
        $this->assertTrue((new Plans($facility))->lodgers['one']->isForLifeIn($unsolved->home), 'it does hold it');
    }

    public function test_where_rules_are_kept_nothing_is_offered(): void
    {
        $facility = Example::facility([Example::tank('large', 400, 160, 80, 25)], [Example::fish(Example::of(), 'large', ['2027-02-20' => 200.0])]);
        $this->assertSame([], $this->mends($facility));
        $this->assertSame([], $this->search($facility)->unsolved([], $this->proposed($facility)));
    }

    public function test_what_a_home_lacks_for_those_who_are_there_is_asked_for_once(): void
    {
        $jumpers = Example::of(needs: new HousingNeeds(fittings: [Fitting::TightLid]));
        $tank = Example::tank('home', 400, 160, 80, 25)->with(new Equipment(filter: new Filter(FilterMedia::Sponge, 0.2)));
        $facility = Example::facility([$tank], [Example::fish($jumpers, 'home', ['2027-02-20' => 200.0]), Example::fish($jumpers, 'home', ['2027-02-20' => 220.0], key: 'two')]);
        $plans = new Plans($facility);
        $decision = $this->asItIs($facility);
        $mends = (new Requirements(new HomesUnder($facility, $plans->lodgers, $decision), $plans->planner->describe($decision)->lanes))->mends();
        $fitted = array_values(array_filter($mends, fn (Mend $mend): bool => $mend->doing instanceof Fitted));
        $this->assertCount(1, $fitted);
        $this->assertEquals(new Fitted('home', [Fitting::TightLid]), $fitted[0]->doing);
        $this->assertCount(2, $fitted[0]->for);
        $media = array_values(array_filter($mends, fn (Mend $mend): bool => $mend->doing instanceof MoreMedia))[0] ?? null;
        $this->assertNotNull($media, 'a fifth of a litre carries nobody');
        $this->assertEquals($media->doing->applyTo($facility)->systems['home']->equipment->filter?->litres, $media->doing->litres);
        $this->assertEqualsWithDelta(8.0 * ($media->doing->litres - 0.2), $media->price, 1e-9);
    }

    public function test_those_who_can_share_a_home_grown_build_one(): void
    {
        $peaceful = fn (SwimmingStyle $swimming, string $key, Span $keep = new Span(20, 28)) => Example::of($swimming, keep: $keep, habits: new Habits(temperament: 1, mouthRatio: 0.05), key: $key);
        $lengths = ['2026-12-01' => 160.0, '2027-02-20' => 200.0];
        $racer = Example::fish($peaceful(SwimmingStyle::Racing, 'racer'), 'small', $lengths, key: 'racer');
        $slow = Example::fish($peaceful(SwimmingStyle::Slow, 'slow'), 'small', $lengths, key: 'slow');
        $cold = Example::fish($peaceful(SwimmingStyle::Racing, 'cold', new Span(4, 12)), 'small', $lengths, key: 'cold');
        $built = fn (Fish ...$fish): array => array_map(fn (HomeAhead $ahead): array => array_map(fn (Fish $one): string => $one->key, $ahead->for), $this->toBuild(Example::facility([Example::tank('small', 120, 50)], array_values($fish))));
        $this->assertSame([['slow']], $built($slow));
        $this->assertSame([['racer', 'slow']], $built($slow, $racer), 'the home of the racer has room for the other');
        $this->assertCount(2, $built($slow, $cold), 'but not that of one from cold water');
        $shared = $this->toBuild(Example::facility([Example::tank('small', 120, 50)], [$slow, $racer]));
        foreach ($shared as $ahead) {
            $this->assertFalse($ahead->by->isBefore($ahead->begin));
        }
    }

    private function eaterAndEaten(): Facility
    {
        return Example::facility([Example::tank('home', 400, 160, 80, 25)], [
            Example::fish(Example::of(habits: new Habits(mouthRatio: 0.5)), 'home', ['2027-02-20' => 400.0]),
            Example::fish(Example::of(habits: new Habits(mouthRatio: 0.05), key: 'eaten'), 'home', ['2027-02-20' => 60.0], key: 'two'),
        ]);
    }

    /** @return list<Mend> */
    private function mends(Facility $facility): array
    {
        return $this->search($facility)->mends();
    }

    private function search(Facility $facility): MendSearch
    {
        $plans = new Plans($facility);

        return new MendSearch($facility, $plans->lodgers, $plans->planner->describe($this->asItIs($facility)));
    }

    private function asItIs(Facility $facility): Decision
    {
        return new Decision([], [], $facility->date->plusDays(730));
    }

    private function proposed(Facility $facility): ProposedHomes
    {
        return new ProposedHomes($facility, fn (HomeToBuild $home): string => $home->kind->value);
    }

    /** @return list<HomeAhead> */
    private function toBuild(Facility $facility): array
    {
        $lodgers = (new Plans($facility))->lodgers;
        $chains = array_map(fn (Lodger $lodger): HomesAhead => (new HomeSearch($facility, $lodger->growth, $lodger->fish, new Residents(fn (): array => []), null))->findFrom($lodger->home, [], new Whereabouts($facility, [])), $lodgers);

        return (new AllToBuild($facility, $this->proposed($facility)))->of($lodgers, $chains);
    }
}
