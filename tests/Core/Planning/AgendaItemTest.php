<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\Inspection;
use Biomegas\Finding\Finding;
use Biomegas\Moving\Quarantine\HealthObservation;
use Biomegas\Moving\Quarantine\QuarantineState;
use Biomegas\Moving\Sheet\DailyTests;
use Biomegas\Moving\Sheet\SheetProgress;
use Biomegas\Moving\Sheet\SheetState;
use Biomegas\Moving\Watch\Check;
use Biomegas\Moving\Watch\CheckItem;
use Biomegas\Moving\Watch\WatchCase;
use Biomegas\Moving\Watch\WatchState;
use Biomegas\Planning\Agenda\Agenda;
use Biomegas\Planning\Agenda\AgendaItem;
use Biomegas\Planning\Agenda\AgendaKind;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\HomesAhead\StayAhead;
use Biomegas\Planning\Plan\PlanMove;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Water\Test\WaterTest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

/** What is due on 13 March 2027, thing by thing. */
final class AgendaItemTest extends TestCase
{
    private const TODAY = '2027-03-13';

    /** @return iterable<string, array{string, ?bool, ?string}> the day due; null: nothing; late; what is said */
    public static function measurements(): iterable
    {
        yield 'tomorrow' => ['2027-03-14', null, null];
        yield 'today' => [self::TODAY, false, null];
        yield 'a fortnight ago' => ['2027-02-27', false, null];
        yield 'more than a fortnight ago' => ['2027-02-26', true, 'today.days_late'];
    }

    #[DataProvider('measurements')]
    public function test_measurement(string $due, ?bool $isLate, ?string $code): void
    {
        $item = AgendaItem::ofMeasurement(self::fish(), self::day($due), self::day(self::TODAY));

        $this->assertItem($isLate === null ? null : [AgendaKind::Measure, 'home', $isLate, $code], $item);
    }

    /** @return iterable<string, array{SheetProgress, array{AgendaKind, string, bool, string}|null}> */
    public static function moves(): iterable
    {
        $sheet = fn (SheetState $state, string $day, ?string $until = null, bool $isTimeOut = false): SheetProgress => new SheetProgress($state, self::day($day), $until === null ? null : self::day($until), $isTimeOut, true);
        yield 'to come' => [$sheet(SheetState::Planned, '2027-03-14'), null];
        yield 'today' => [$sheet(SheetState::Planned, self::TODAY), [AgendaKind::Move, 'home', false, 'today.move']];
        yield 'late' => [$sheet(SheetState::Planned, '2027-03-10'), [AgendaKind::Move, 'home', true, 'today.move']];
        yield 'begun' => [$sheet(SheetState::Begun, self::TODAY), [AgendaKind::Move, 'home', false, 'today.move_begun']];
        yield 'finished' => [$sheet(SheetState::Finished, '2027-03-10'), null];
        yield 'an interim stay that is over' => [$sheet(SheetState::Finished, '2027-02-10', '2027-03-10'), [AgendaKind::Interim, 'vat', true, 'today.interim']];
        yield 'a time-out that is over' => [$sheet(SheetState::Finished, '2027-02-10', '2027-03-10', true), [AgendaKind::Interim, 'vat', true, 'today.time_out']];
        yield 'a time-out that goes on' => [$sheet(SheetState::Finished, '2027-03-10', '2027-03-20', true), null];
    }

    /** @param  array{AgendaKind, string, bool, string}|null  $expected */
    #[DataProvider('moves')]
    public function test_move(SheetProgress $sheet, ?array $expected): void
    {
        $item = AgendaItem::ofMove(7, 'Moss', $sheet, Example::tank('home', 150, 60), Example::tank('vat', 300, 100), self::day(self::TODAY));

        $this->assertItem($expected, $item);
        $this->assertSame($expected === null ? null : 7, $item?->record);
    }

    /** @return iterable<string, array{string, list<array{string, bool}>, ?string}> since when; looks and whether it ate; what is said */
    public static function quarantines(): iterable
    {
        yield 'not looked at today' => ['2027-03-01', [['2027-03-12', true]], 'today.quarantine'];
        yield 'looked at today' => ['2027-03-01', [[self::TODAY, true]], null];
        yield 'its time is up and it eats' => ['2027-02-01', [[self::TODAY, true]], 'quarantine.may_leave'];
        yield 'its time is up and it does not eat' => ['2027-02-01', [[self::TODAY, false]], null];
    }

    /** @param  list<array{string, bool}>  $looks */
    #[DataProvider('quarantines')]
    public function test_quarantine(string $from, array $looks, ?string $code): void
    {
        $observations = array_map(fn (array $look): HealthObservation => new HealthObservation(self::day($look[0]), $look[1], null), $looks);
        $item = AgendaItem::ofQuarantine(3, self::fish(), QuarantineState::of(self::day($from), 28, 0, $observations, self::day(self::TODAY)));

        $this->assertItem($code === null ? null : [AgendaKind::Quarantine, 'home', false, $code], $item);
    }

    /** @return iterable<string, array{list<Check>, string, ?bool}> */
    public static function watches(): iterable
    {
        $look = fn (string $at, CheckItem ...$troubles): Check => new Check(LocalMoment::fromIso("2027-03-13T{$at}"), array_values($troubles), true);
        yield 'nobody has looked' => [[], '09:30', false];
        yield 'looked at, all is well' => [[$look('09:20')], '09:30', null];
        yield 'wounded: at once, although a look was just taken' => [[$look('09:20', CheckItem::Eyes)], '09:30', true];
    }

    /** @param  list<Check>  $checks */
    #[DataProvider('watches')]
    public function test_watch(array $checks, string $now, ?bool $isLate): void
    {
        $case = new WatchCase('Moss', LocalMoment::fromIso('2027-03-13T09:00'));
        $state = WatchState::of($case, $checks, [], new Rulebook, LocalMoment::fromIso("2027-03-13T{$now}"));
        $item = AgendaItem::ofAddition(5, Example::tank('home', 150, 60), [[self::fish(), $state]]);

        $this->assertItem($isLate === null ? null : [AgendaKind::Watch, 'home', $isLate, $isLate ? 'watch.take_out' : 'watch.not_settled'], $item);
    }

    public function test_those_that_went_in_together_are_one_item_until_one_must_come_out(): void
    {
        $home = Example::tank('home', 150, 60);
        $now = LocalMoment::fromIso('2027-03-13T09:30');
        $look = fn (CheckItem ...$troubles): array => [new Check($now, array_values($troubles), true)];
        $state = fn (array $checks): WatchState => WatchState::of(new WatchCase('Moss', LocalMoment::fromIso('2027-03-13T09:00')), $checks, [], new Rulebook, $now);
        $moss = self::fish();

        $this->assertSame(["{$moss->name}, {$moss->name}", null], [AgendaItem::ofAddition(5, $home, [[$moss, $state([])], [$moss, $state([])]])?->name, AgendaItem::ofAddition(5, $home, [[$moss, $state([])], [$moss, $state([])]])?->fish]);
        $this->assertSame([$moss->name, true], [AgendaItem::ofAddition(5, $home, [[$moss, $state([])], [$moss, $state($look(CheckItem::Eyes))]])?->name, AgendaItem::ofAddition(5, $home, [[$moss, $state([])], [$moss, $state($look(CheckItem::Eyes))]])?->isLate]);
        $this->assertNull(AgendaItem::ofAddition(5, $home, [[$moss, $state($look())], [$moss, $state($look())]]));
    }

    /** @return iterable<string, array{string, list<array{string, array<string, float>}>, ?bool}> until when; tests; late */
    public static function dailyTests(): iterable
    {
        yield 'not tested today' => ['2027-03-20', [['2027-03-12', ['ammonia_mg_l' => 0.0]]], false];
        yield 'nor yesterday' => ['2027-03-20', [], true];
        yield 'tested today' => ['2027-03-20', [[self::TODAY, ['nitrite_mg_l' => 0.0]]], null];
        yield 'tested for something else' => ['2027-03-20', [['2027-03-12', ['ammonia_mg_l' => 0.0]], [self::TODAY, ['ph' => 7.0]]], false];
        yield 'the ten days are over' => ['2027-03-12', [], null];
        yield 'they have not begun' => ['2027-03-30', [], null];
    }

    /** @param  list<array{string, array<string, float>}>  $tests */
    #[DataProvider('dailyTests')]
    public function test_daily_tests(string $until, array $tests, ?bool $isLate): void
    {
        $written = array_map(fn (array $test): WaterTest => WaterTest::ofRecord(self::day($test[0]), $test[1]), $tests);
        $item = AgendaItem::ofDailyTests(Example::tank('home', 150, 60), DailyTests::until(self::day($until)), $written, self::day(self::TODAY));

        $this->assertItem($isLate === null ? null : [AgendaKind::Test, 'home', $isLate, 'today.daily_test'], $item);
    }

    public function test_late_things_come_first_then_it_goes_along_the_walk(): void
    {
        [$today, $late] = [self::day(self::TODAY), self::day('2027-01-01')];
        $of = fn (string $home, LocalDate $due): ?AgendaItem => AgendaItem::ofMeasurement(Example::fish(Example::of(), $home, [], key: "{$home} {$due->toIso()}"), $due, $today);
        $agenda = new Agenda([$of('vat', $today), null, $of('home', $today), $of('vat', $late), $of('home', $late), $of('nowhere', $today)], ['vat', 'home']);

        $this->assertSame(
            [['vat', true], ['home', true], ['vat', false], ['nowhere', false], ['home', false]],
            array_map(fn (AgendaItem $item): array => [$item->system, $item->isLate], $agenda->items),
        );
        $this->assertCount(5, $agenda->of(AgendaKind::Measure));
        $this->assertSame([], $agenda->of(AgendaKind::Move));
    }

    public function test_what_presses_comes_first(): void
    {
        $today = self::day(self::TODAY);
        $fish = self::fish();
        $measure = AgendaItem::ofMeasurement($fish, self::day('2027-01-01'), $today);
        $inspection = AgendaItem::ofInspections($fish, [new Inspection('teeth', 30)], [], $today);
        $outgrown = AgendaItem::ofOutgrown($fish, self::leaving('2027-03-13'), $today);
        $move = AgendaItem::ofMove(1, 'One', new SheetProgress(SheetState::Planned, $today, null, false, false), Example::tank('home', 100, 40), Example::tank('vat', 200, 80), $today);
        $danger = AgendaItem::ofWater(Example::tank('home', 100, 40), [], [WaterTest::ofRecord($today, ['nitrite_mg_l' => 0.1])]);

        $this->assertSame(
            [AgendaKind::Danger, AgendaKind::Move, AgendaKind::Outgrown, AgendaKind::Inspection, AgendaKind::Measure],
            array_map(fn (AgendaItem $item): AgendaKind => $item->kind, (new Agenda([$measure, $inspection, $outgrown, $move, $danger], ['home']))->items),
        );
    }

    public function test_what_must_leave_is_due_unless_its_move_is_planned(): void
    {
        $today = self::day(self::TODAY);

        $this->assertItem([AgendaKind::Outgrown, 'home', false, 'today.leaves_nowhere'], AgendaItem::ofOutgrown(self::fish(), self::leaving(self::TODAY), $today));
        $this->assertItem([AgendaKind::Outgrown, 'home', false, 'today.leaves'], AgendaItem::ofOutgrown(self::fish(), self::leaving(self::TODAY, false), $today));
        $this->assertNull(AgendaItem::ofOutgrown(self::fish(), self::leaving(self::TODAY, true), $today));
        $this->assertNull(AgendaItem::ofOutgrown(self::fish(), self::leaving('2027-03-14'), $today));
    }

    /** @return iterable<string, array{list<array{string, float}>, bool}> nitrite by day */
    public static function waters(): iterable
    {
        yield 'never tested' => [[], false];
        yield 'always clean' => [[['2027-03-10', 0.0]], false];
        yield 'found' => [[['2027-03-10', 0.1]], true];
        yield 'clean once since' => [[['2027-03-10', 0.1], ['2027-03-11', 0.0]], true];
        yield 'clean twice on one day' => [[['2027-03-10', 0.1], ['2027-03-11', 0.0], ['2027-03-11', 0.0]], true];
        yield 'clean on two days' => [[['2027-03-10', 0.1], ['2027-03-11', 0.0], ['2027-03-12', 0.0]], false];
        yield 'found again' => [[['2027-03-10', 0.1], ['2027-03-11', 0.0], ['2027-03-12', 0.0], ['2027-03-13', 0.1]], true];
    }

    /** @param  list<array{string, float}>  $tests */
    #[DataProvider('waters')]
    public function test_unclean_water(array $tests, bool $isDue): void
    {
        $item = AgendaItem::ofWater(Example::tank('home', 100, 40), [], array_map(fn (array $test): WaterTest => WaterTest::ofRecord(self::day($test[0]), ['nitrite_mg_l' => $test[1]]), $tests));

        $this->assertItem($isDue ? [AgendaKind::Danger, 'home', false, 'today.not_clean'] : null, $item);
    }

    public function test_inspections_are_due_by_their_days(): void
    {
        $due = fn (?string $last): ?AgendaItem => AgendaItem::ofInspections(self::fish(), [new Inspection('teeth', 30), new Inspection('gills', 400)], $last === null ? [] : ['teeth' => self::day($last)], self::day(self::TODAY));

        $this->assertSame(['teeth', 'gills'], $due(null)?->inspect, 'counted from its arrival');
        $this->assertSame(['gills'], $due('2027-02-20')?->inspect);
        $this->assertSame(['teeth', 'gills'], $due('2027-02-11')?->inspect);
    }

    /** @return iterable<string, array{list<AgendaItem|null>, int, string}> */
    public static function rounds(): iterable
    {
        $measure = fn (string $name = 'One', string $home = 'home'): ?AgendaItem => AgendaItem::ofMeasurement(Example::fish(Example::of(), $home, [], key: $name), self::day(self::TODAY), self::day(self::TODAY));
        $inspect = fn (): ?AgendaItem => AgendaItem::ofInspections(self::fish(), [new Inspection('teeth', 30)], [], self::day(self::TODAY));
        yield 'nothing' => [[null], 3, 'Nothing is due today. Walk the round and look.'];
        yield 'one thing in the only home' => [[$inspect()], 1, 'One thing. Begin with One.'];
        yield 'one to measure' => [[$measure()], 3, 'One fish to measure in one of three systems. Begin with One.'];
        yield 'two homes' => [[$measure(), $measure('Two', 'vat')], 3, 'Two fish to measure in two of three systems. Begin with One, then Two.'];
        yield 'both homes' => [[$measure(), $measure('Two', 'vat')], 2, 'Two fish to measure in both systems. Begin with One, then Two.'];
        yield 'all homes' => [[$measure(), $measure('Two', 'vat'), $measure('Three', 'pond')], 3, 'Three fish to measure in all three systems. Begin with One, then Two.'];
        yield 'several things' => [[$measure(), $inspect()], 2, 'One fish to measure and one other thing in one of two systems. Begin with One.'];
    }

    /** @param  list<AgendaItem|null>  $items */
    #[DataProvider('rounds')]
    public function test_the_round_is_told_in_a_sentence(array $items, int $homes, string $said): void
    {
        $this->assertSame($said, Said::of((new Agenda($items, ['home', 'vat', 'pond']))->told($homes)));
    }

    public function test_what_two_moves_of_a_plan_want_of_one_home_is_said_once(): void
    {
        [$home, $vat] = [Example::tank('home', 100, 40), Example::tank('vat', 200, 80)];
        $move = fn (string $to, array ...$prepare): PlanMove => new PlanMove(self::fish(), $home, $to === 'vat' ? $vat : Example::tank($to, 300, 100), self::day(self::TODAY), 300, [null, null, null], [Finding::of('ready.done')], $prepare);
        $fit = fn (string $by, Fitting ...$fittings): array => [Finding::of('housing.fittings.fit', fittings: $fittings), self::day($by)];
        $dig = [Finding::of('ready.dig'), self::day(self::TODAY)];
        $steps = fn (PlanMove ...$moves): array => array_map(
            fn (AgendaItem $item): array => [$item->system, $item->name, $item->what === null ? '' : Said::of($item->what)],
            AgendaItem::ofPlannedSteps(Example::facility([$home, $vat], [self::fish()], self::TODAY), $moves),
        );

        $this->assertSame([['vat', 'Vat', 'Fit a tight lid and hides.']], $steps($move('vat', $fit(self::TODAY, Fitting::TightLid)), $move('vat', $fit(self::TODAY, Fitting::Hides, Fitting::TightLid))));
        $this->assertSame([['vat', 'Vat', 'Fit a tight lid.']], $steps($move('vat', $fit(self::TODAY, Fitting::TightLid)), $move('vat', $fit('2027-03-14', Fitting::Hides))), 'hides are not due yet');
        $this->assertCount(2, $steps($move('vat', $fit(self::TODAY, Fitting::Hides)), $move('built', $dig), $move('built', $dig)));
        $other = fn (string $day): array => [Finding::of('ready.begin_by', begin: self::day($day), day: self::day(self::TODAY), step: Finding::of('ready.dig')), self::day(self::TODAY)];
        $this->assertCount(2, $steps($move('vat', $other('2027-03-01'), $other('2027-03-02'), $other('2027-03-01'))), 'two steps of one kind are two');
        $this->assertSame('home', $steps($move('built', $dig))[0][0], 'where it comes from: the other is not there yet');
    }

    private static function leaving(string $day, ?bool $isNextPlanned = null): HomesAhead
    {
        $stay = fn (string $home, ?string $leave, bool $isPlanned): StayAhead => new StayAhead(Example::tank($home, 100, 40)->named(), self::day('2027-03-01'), null, $leave === null ? null : self::day($leave), 100, false, null, [], isPlanned: $isPlanned);

        return new HomesAhead([$stay('home', $day, false), ...($isNextPlanned === null ? [] : [$stay('vat', null, $isNextPlanned)])], null, null);
    }

    /** @param  array{AgendaKind, string, bool, string|null}|null  $expected */
    private function assertItem(?array $expected, ?AgendaItem $item): void
    {
        $this->assertSame($expected, $item === null ? null : [$item->kind, $item->system, $item->isLate, $item->what?->code]);
    }

    public function test_a_sign_asks_for_another_look_until_one_finds_it_well(): void
    {
        $due = fn (string $seen, bool $isEating, ?string $sign): ?AgendaItem => AgendaItem::ofSign(self::fish(), self::day($seen), $isEating, $sign, self::day(self::TODAY));

        $this->assertNull($due(self::TODAY, true, null));
        $this->assertSame(['today.sign', false], [$due(self::TODAY, true, 'white spots')?->what?->code, $due(self::TODAY, true, 'white spots')?->isLate]);
        $this->assertSame('today.sign_not_eating', $due(self::TODAY, false, 'white spots')?->what?->code);
        $this->assertSame(['today.did_not_eat', true], [$due('2027-01-01', false, null)?->what?->code, $due('2027-01-01', false, null)?->isLate]);
    }

    private static function fish(): Fish
    {
        return Example::fish(Example::of(), 'home', [], '2026-01-10');
    }

    private static function day(string $iso): LocalDate
    {
        return LocalDate::fromIso($iso);
    }
}
