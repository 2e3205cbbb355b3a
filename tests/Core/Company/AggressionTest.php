<?php

declare(strict_types=1);

namespace Tests\Core\Company;

use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Company\Act;
use Biomegas\Company\Aggression\Aggression;
use Biomegas\Company\Aggression\Around;
use Biomegas\Company\Aggression\Attempt;
use Biomegas\Company\Aggression\ChangeKind;
use Biomegas\Company\Aggression\GoingsOn;
use Biomegas\Company\Aggression\HomeChange;
use Biomegas\Company\Aggression\HomeRecord;
use Biomegas\Company\Aggression\NextStep;
use Biomegas\Company\Aggression\Occasion;
use Biomegas\Company\Aggression\OwnPart;
use Biomegas\Company\Aggression\Rate;
use Biomegas\Company\Aggression\SeenAct;
use Biomegas\Company\Aggression\Trend;
use Biomegas\Company\Aggression\WatchedSpan;
use Biomegas\Company\Harm;
use Biomegas\Facility\Equipment\LightSchedule;
use Biomegas\Moving\Watch\Intervention;
use Biomegas\Moving\Watch\Success;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\TestCase;
use Tests\Said;

final class AggressionTest extends TestCase
{
    private const TODAY = '2027-03-13';

    private const NAMES = ['magpie' => 'Magpie', 'rowan' => 'Rowan', 'reed' => 'Reed', 'sedge' => 'Sedge'];

    public function test_a_rate_counts_only_what_was_seen_while_somebody_watched(): void
    {
        $this->assertNull(Rate::of([self::act('magpie', 'rowan', 1)], []), 'nobody watched');
        $spans = [new WatchedSpan(LocalMoment::at(self::day(1), 600), 30), new WatchedSpan(LocalMoment::at(self::day(3), 600), 90)];
        $rate = Rate::of([self::act('magpie', 'rowan', 1, 610), self::act('magpie', 'rowan', 1, 700), self::act('magpie', 'rowan', 2, 610), self::act('magpie', 'rowan', 3)], $spans);
        $this->assertSame([2, 2.0, 1.0], [$rate?->acts, $rate?->hours, $rate?->perHour], 'one at its time, one without a time on a day that was watched');
        $this->assertEqualsWithDelta([0.2422 / 2, 7.2247 / 2], [$rate->low ?? NAN, $rate->high ?? NAN], 1e-4, 'exact limits of a count of two, from tables');
    }

    public function test_a_trend_is_told_from_chance(): void
    {
        $of = fn (int $late, int $before): Trend => Trend::of([...self::acts('magpie', 'rowan', array_fill(0, $late, 2)), ...self::acts('magpie', 'rowan', array_fill(0, $before, 20))], [], self::day(0));
        $this->assertSame(Trend::Unclear, $of(3, 1));
        $this->assertSame(Trend::Steady, $of(2, 8));
        $this->assertSame(Trend::Rising, $of(6, 2));
        $this->assertSame(Trend::Falling, $of(0, 20));
        $this->assertSame(Trend::Rising, $of(300, 300), 'many');
    }

    /** Twice as much in twice as many watched hours is no rise. */
    public function test_watched_hours_weigh_the_trend(): void
    {
        $acts = self::acts('magpie', 'rowan', [...array_fill(0, 12, 2), ...array_fill(0, 6, 20)]);
        $span = fn (int $daysAgo, int $minutes): WatchedSpan => new WatchedSpan(LocalMoment::at(self::day($daysAgo), 600), $minutes);
        $this->assertSame(Trend::Rising, Trend::of($acts, [], self::day(0)));
        $this->assertSame(Trend::Steady, Trend::of($acts, [$span(2, 240), $span(20, 120)], self::day(0)));
    }

    public function test_the_light_in_which_most_of_it_happens_is_named(): void
    {
        $acts = self::acts('magpie', 'rowan', range(20, 30), 20 * 60 + 30);
        $this->assertContains('10 of 11 acts with a time on came in dim or blue light.', self::said([self::act('magpie', 'rowan', 40, 600), ...array_slice($acts, 1)]));
        $this->assertStringNotContainsString('light', implode(self::said(array_slice($acts, 0, 5))), 'five are too few');
    }

    public function test_before_and_after_of_a_change(): void
    {
        $returned = new HomeChange(ChangeKind::CameBack, self::day(10), 'rowan');
        $acts = self::acts('magpie', 'rowan', [10, 9, 9, 8, 7, 12]);
        $around = Around::all($acts, [$returned, new HomeChange(ChangeKind::WaterChange, self::day(60))], self::day(0));
        $this->assertCount(1, $around, 'nothing was seen about the water change');
        $this->assertSame([1, 5, true, false], [$around[0]->before, $around[0]->after, $around[0]->isWorse(), $around[0]->isGoingOn]);
        $this->assertContains('From 1 in the week before to 5 in the week after: Rowan came back, on 3 March 2027.', self::said($acts, [$returned]));
    }

    public function test_some_beat_each_newcomer_once(): void
    {
        $came = array_map(fn (int $daysAgo, string $who): HomeChange => new HomeChange(ChangeKind::CameIn, self::day($daysAgo), $who), [200, 150, 100], ['rowan', 'reed', 'sedge']);
        $acts = [self::act('magpie', 'rowan', 200), self::act('magpie', 'reed', 149), self::act('magpie', 'reed', 148), self::act('magpie', 'sedge', 99)];
        $this->assertContains('Magpie goes for newcomers and is done by the second day: 3 of 3 that it went for, of 3 that came.', self::said($acts, $came));
        $this->assertStringNotContainsString('newcomers', implode(self::said([...$acts, self::act('magpie', 'rowan', 190), self::act('magpie', 'reed', 140)], $came)), 'it goes on');
    }

    public function test_sparring_without_harm_is_no_reason_to_part(): void
    {
        $spars = array_map(fn (int $i): SeenAct => self::act($i % 2 === 0 ? 'magpie' : 'rowan', $i % 2 === 0 ? 'rowan' : 'magpie', 30 + $i, act: Act::Sparred), range(0, 11));
        $this->assertContains('Rowan and Magpie spar and leave no mark: 12 times so far. No reason to part them.', self::said($spars));
        $this->assertStringNotContainsString('No reason', implode(self::said([...$spars, self::act('magpie', 'rowan', 29, harm: Harm::TornFin)])));
    }

    public function test_a_case_is_open_from_harm_until_it_is_settled_or_long_over(): void
    {
        $harmed = [self::act('magpie', 'rowan', 1, harm: Harm::LostScales)];
        $this->assertContains('Rowan came to harm by Magpie on 12 March 2027: lost scales.', self::said($harmed));
        $this->assertSame([true], array_column(self::of($harmed)->cases, 'isFresh'));
        $this->assertSame([false], array_column(self::of([self::act('magpie', 'rowan', 5, harm: Harm::LostScales)])->cases, 'isFresh'));
        $this->assertSame([], self::of([self::act('magpie', 'rowan', 15, harm: Harm::LostScales)])->cases, 'left alone for two weeks');
        $this->assertSame([], self::of($harmed, settled: ['rowan' => self::day(0)])->cases);
        $this->assertCount(1, self::of($harmed, settled: ['rowan' => self::day(3)])->cases, 'settled before');
        $this->assertSame([], self::of([self::act('magpie', 'gone', 1, harm: Harm::LostScales)])->cases, 'the victim lives here no more');
        $chased = [self::act('magpie', 'rowan', 4)];
        $this->assertSame([], self::of($chased)->cases, 'a chase alone is none');
        $this->assertContains('Rowan does not eat, and Magpie goes for it.', self::said($chased, notEating: ['rowan' => self::day(1)]));
        $this->assertContains('Rowan is gone for more than before this week, last by Magpie.', self::said(self::acts('magpie', 'rowan', [6, 5, 4, 3, 2])));
    }

    public function test_what_lasted_here_comes_before_the_ladder(): void
    {
        $next = fn (Attempt ...$attempts): NextStep => NextStep::of(array_values($attempts), self::day(5), new Rulebook);
        $this->assertSame(Intervention::LightsOff, $next()->intervention);
        $this->assertNull($next()->experience());
        $this->assertSame(Intervention::Distract, $next(new Attempt(Intervention::LightsOff, self::day(3), Success::No))->intervention);
        $lasted = $next(new Attempt(Intervention::MoveDecor, self::day(90), Success::Lasted));
        $this->assertSame([Intervention::MoveDecor, 'It lasted here on 13 December 2026.'], [$lasted->intervention, Said::of($lasted->experience())]);
        $failed = $next(new Attempt(Intervention::LightsOff, self::day(90), Success::OnlyWhileIStood));
        $this->assertSame([Intervention::LightsOff, 'Here it worked on 13 December 2026 only while somebody stood there.'], [$failed->intervention, Said::of($failed->experience())]);
        $this->assertSame('Here it did not help on 13 December 2026.', Said::of($next(new Attempt(Intervention::LightsOff, self::day(90), Success::No))->experience()));
        $this->assertNotNull(self::of([self::act('magpie', 'rowan', 1, harm: Harm::TornFin)])->next);
        $this->assertNull(self::of([self::act('magpie', 'rowan', 1)])->next, 'no case, no step');
    }

    public function test_the_part_that_one_has_in_it(): void
    {
        $acts = [...self::acts('magpie', 'rowan', [1, 2, 3]), self::act('magpie', 'reed', 4), self::act('sedge', 'magpie', 5)];
        $this->assertSame('Went for others 4 times here over the last year, most of all for Rowan. Others went for it once, most of all Sedge.', Said::of(OwnPart::of('magpie', $acts)->findings(self::NAMES)));
        $this->assertSame([], OwnPart::of('nobody', $acts)->findings(self::NAMES));
    }

    public function test_what_was_going_on_as_the_log_knows_it(): void
    {
        $changes = [new HomeChange(ChangeKind::CameIn, self::day(10), 'rowan'), new HomeChange(ChangeKind::WaterChange, self::day(1)), new HomeChange(ChangeKind::Intervention, self::day(2), intervention: Intervention::MoveDecor), new HomeChange(ChangeKind::WentOut, self::day(0), 'reed')];
        $this->assertSame([Occasion::Newcomer, Occasion::WaterChange, Occasion::MovedDecor], GoingsOn::on(self::day(0), $changes));
        $this->assertSame([Occasion::Newcomer], GoingsOn::on(self::day(5), $changes));
        $this->assertSame([], GoingsOn::on(self::day(11), $changes), 'it had not come yet');
    }

    /** @return list<SeenAct> */
    private static function acts(string $actor, string $target, array $daysAgo, ?int $minute = null): array
    {
        rsort($daysAgo);

        return array_map(fn (int $days): SeenAct => self::act($actor, $target, $days, $minute), $daysAgo);
    }

    private static function act(string $actor, string $target, int $daysAgo, ?int $minute = null, Act $act = Act::Chased, Harm $harm = Harm::None): SeenAct
    {
        return new SeenAct($actor, $target, $act, $harm, self::day($daysAgo), $minute);
    }

    private static function day(int $ago): LocalDate
    {
        return LocalDate::fromIso(self::TODAY)->plusDays(-$ago);
    }

    /**
     * @param  list<SeenAct>  $acts
     * @param  list<HomeChange>  $changes
     * @param  array<string, LocalDate>  $settled
     * @param  array<string, LocalDate>  $notEating
     */
    private static function of(array $acts, array $changes = [], array $settled = [], array $notEating = []): Aggression
    {
        $came = array_fill_keys(array_keys(self::NAMES), self::day(300));

        return Aggression::of(new HomeRecord($acts, [], [], $changes, $settled, $notEating), $came, LightSchedule::of('08:00', '20:00', '22:00', false), new Rulebook, self::day(0));
    }

    /**
     * @param  list<SeenAct>  $acts
     * @param  list<HomeChange>  $changes
     * @param  array<string, LocalDate>  $notEating
     * @return list<string>
     */
    private static function said(array $acts, array $changes = [], array $notEating = []): array
    {
        return array_map(Said::of(...), self::of($acts, $changes, [], $notEating)->findings(self::NAMES));
    }
}
