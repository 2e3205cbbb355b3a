<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\SystemKind;
use Biomegas\Rulebook\Ration;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Steps\ArrangedStep;
use Biomegas\Steps\Arrangement;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Nitrification\FilterPast;
use Biomegas\Water\Readiness\CycleState;
use Biomegas\Water\Readiness\NewHome;
use Biomegas\Water\Readiness\NewHomePlan;
use Biomegas\Water\Readiness\Preparation;
use Biomegas\Water\Readiness\Readying;
use Biomegas\Water\Readiness\ReleaseCheck;
use Biomegas\Water\Readiness\ScheduledStep;
use Biomegas\Water\Readiness\Starters;
use Biomegas\Water\Readiness\Step;
use Biomegas\Water\Test\Quantity;
use Biomegas\Water\Test\WaterTest;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class ReadinessTest extends TestCase
{
    public function test_steps_follow_each_other_back_from_the_wanted_day(): void
    {
        $preparation = Preparation::of(new NewHome(SystemKind::Tank, false, true, false, 30), $this->day('2027-06-01'), [], $this->day('2027-01-01'));
        $steps = $preparation->steps;

        $this->assertSame('2027-05-31', end($steps)->end->toIso());
        for ($i = 1; $i < count($steps); $i++) {
            $this->assertTrue($steps[$i - 1]->end->plusDays(1)->equals($steps[$i]->begin), "{$steps[$i]->key} begins when the step before has ended");
        }
        $this->assertFalse($preparation->isLate());
    }

    /** @return iterable<string, array{NewHome, list<Step>}> */
    public static function homes(): iterable
    {
        yield 'a tank to be built' => [new NewHome(SystemKind::Tank, false, true, true, 30), [Step::Obtain, Step::Stand, Step::Level, Step::Plumb, Step::Power, Step::LeakTest, Step::Fill, Step::Dechlorinate, Step::Cycle, Step::StarterOut, Step::Decor, Step::ClearUp, Step::Test]];
        yield 'a pond with rain water' => [new NewHome(SystemKind::Pond, false, false, false, 30), [Step::Obtain, Step::Plumb, Step::Power, Step::LeakTest, Step::Fill, Step::RainDrain, Step::Cycle, Step::Decor, Step::ClearUp, Step::Test]];
        yield 'a vat that stands' => [new NewHome(SystemKind::Vat, true, true, false, 8), [Step::Fill, Step::Dechlorinate, Step::Cycle, Step::Decor, Step::ClearUp, Step::Test]];
    }

    /** @param  list<Step>  $expected */
    #[DataProvider('homes')]
    public function test_only_the_steps_that_a_home_needs(NewHome $home, array $expected): void
    {
        $steps = Preparation::of($home, $this->day('2027-06-01'), [], $this->day('2027-01-01'))->steps;

        $this->assertSame($expected, array_map(fn (ScheduledStep $step): ?Step => Step::tryFrom($step->key), $steps));
    }

    public function test_what_is_left_tells_the_first_day(): void
    {
        $home = new NewHome(SystemKind::Vat, true, false, false, 20);
        $today = $this->day('2027-05-01');
        $none = Preparation::of($home, $this->day('2027-05-10'), [], $today);
        $filled = Preparation::of($home, $this->day('2027-05-10'), ['fill' => $today], $today);

        $this->assertSame('2027-05-28', $none->notBefore->toIso(), '1 + 20 + 1 + 3 + 2 days');
        $this->assertTrue($none->isLate());
        $this->assertSame('2027-05-27', $filled->notBefore->toIso());
        $this->assertSame(Step::Cycle->value, $filled->next()?->key);
        $this->assertTrue($none->steps[0]->isLateOn($today));
    }

    public function test_all_done_is_ready(): void
    {
        $home = new NewHome(SystemKind::Vat, true, false, false, 20);
        $today = $this->day('2027-05-01');
        $done = array_fill_keys(array_column(Step::cases(), 'value'), $today);

        $this->assertTrue(Preparation::of($home, $today, $done, $today)->isReady());
    }

    /** @return iterable<string, array{CycleState, list<array{string, array<value-of<Quantity>, float>}>}> */
    public static function series(): iterable
    {
        $clear = ['ammonia_mg_l' => 0.0, 'nitrite_mg_l' => 0.05];
        yield 'nothing' => [CycleState::NotTested, []];
        yield 'nitrate alone' => [CycleState::NotTested, [['2027-03-01', ['nitrate_mg_l' => 10.0]]]];
        yield 'ammonia there' => [CycleState::AmmoniaPhase, [['2027-03-01', ['ammonia_mg_l' => 2.0, 'nitrite_mg_l' => 0.0]]]];
        yield 'nitrite there' => [CycleState::NitritePhase, [['2027-03-10', ['ammonia_mg_l' => 0.0, 'nitrite_mg_l' => 5.0]]]];
        yield 'clear but never fed' => [CycleState::NotFed, [['2027-03-01', [...$clear, 'nitrate_mg_l' => 10.0]], ['2027-03-02', [...$clear, 'nitrate_mg_l' => 10.0]]]];
        yield 'clear for the first time' => [CycleState::OnceMore, [['2027-03-01', ['ammonia_mg_l' => 1.0, 'nitrite_mg_l' => 1.0, 'nitrate_mg_l' => 5.0]], ['2027-03-20', [...$clear, 'nitrate_mg_l' => 40.0]]]];
        yield 'clear on two days running' => [CycleState::Ready, [['2027-03-01', ['ammonia_mg_l' => 1.0, 'nitrite_mg_l' => 1.0, 'nitrate_mg_l' => 5.0]], ['2027-03-20', [...$clear, 'nitrate_mg_l' => 40.0]], ['2027-03-21', [...$clear, 'nitrate_mg_l' => 42.0]]]];
        yield 'twice on one day is not two days' => [CycleState::OnceMore, [['2027-03-01', ['ammonia_mg_l' => 1.0, 'nitrite_mg_l' => 1.0, 'nitrate_mg_l' => 5.0]], ['2027-03-20', [...$clear, 'nitrate_mg_l' => 40.0]], ['2027-03-20', [...$clear, 'nitrate_mg_l' => 41.0]]]];
        yield 'back again' => [CycleState::NitritePhase, [['2027-03-19', [...$clear, 'nitrate_mg_l' => 5.0]], ['2027-03-20', [...$clear, 'nitrate_mg_l' => 9.0]], ['2027-03-21', ['ammonia_mg_l' => 0.0, 'nitrite_mg_l' => 0.4]]]];
    }

    /** @param  list<array{string, non-empty-array<value-of<Quantity>, float>}>  $series */
    #[DataProvider('series')]
    public function test_the_cycle_is_judged_from_the_tests(CycleState $expected, array $series): void
    {
        $tests = array_map(fn (array $record): WaterTest => WaterTest::ofRecord($this->day($record[0]), $record[1]), $series);

        $this->assertSame($expected, CycleState::judge($tests));
    }

    /** Common practice, no published source: two to six weeks for a new filter, about one with a third of a mature one. */
    public function test_seeding_shortens_the_wait(): void
    {
        $today = $this->day('2027-03-01');
        $stock = new FedOccupant(Example::of(), 120.0, 6, Ration::Steady);
        $system = Example::tank('new', 200, 70, 60, 25);
        $plan = fn (float $share): NewHomePlan => new NewHomePlan($this->day('2027-03-20'), isBuilt: true, donorShare: $share, donorAmmonia: 1.0);
        $alone = Readying::of($system, new Rulebook, $plan(0.0), $stock, [], [], $today);
        $seeded = Readying::of($system, new Rulebook, $plan(0.1), $stock, [], [], $today);

        $this->assertTrue($alone->preparation->isLate());
        $this->assertStringStartsWith('Not before ', Said::of($alone->advice($today)));
        $this->assertStringContainsString('media from a running one', Said::of($alone->advice($today)));
        $waited = $today->daysUntil($alone->preparation->notBefore);
        $this->assertGreaterThan(25, $waited);
        $this->assertLessThan(50, $waited);
        $this->assertLessThan($waited - 10, $today->daysUntil($seeded->preparation->notBefore));
    }

    public function test_the_records_show_what_nobody_ticked(): void
    {
        $today = $this->day('2027-03-21');
        $tests = [
            WaterTest::ofRecord($this->day('2027-03-01'), ['ammonia_mg_l' => 1.0, 'nitrite_mg_l' => 0.0, 'nitrate_mg_l' => 5.0, 'chlorine_mg_l' => 0.0]),
            WaterTest::ofRecord($this->day('2027-03-20'), ['ammonia_mg_l' => 0.0, 'nitrite_mg_l' => 0.0, 'nitrate_mg_l' => 40.0]),
            WaterTest::ofRecord($today, ['ammonia_mg_l' => 0.0, 'nitrite_mg_l' => 0.0, 'nitrate_mg_l' => 41.0, 'kh_dkh' => 5.0]),
        ];
        $readying = Readying::of(Example::tank('new', 200, 70), new Rulebook, new NewHomePlan($this->day('2027-04-01')), null, $tests, ['power' => $this->day('2027-02-20')], $today);
        $done = fn (bool $isSeen): array => array_column(array_map(fn (ScheduledStep $step): array => [$step->key, $step->done?->toIso()], array_filter($readying->preparation->steps, fn (ScheduledStep $step): bool => $step->done !== null && $step->isSeen === $isSeen)), 1, 0);

        $this->assertSame(['power' => '2027-02-20'], $done(false));
        $this->assertSame(['obtain' => '2027-03-01', 'stand' => '2027-03-01', 'plumb' => '2027-03-01', 'fill' => '2027-03-01', 'dechlorinate' => '2027-03-01', 'cycle' => '2027-03-21', 'test' => '2027-03-21'], $done(true));
        $this->assertSame(CycleState::Ready, $readying->cycle);
        $this->assertSame('level', $readying->preparation->next()?->key, 'what no record shows is asked for');
    }

    /** Common practice, no published source: fish that have run a filter in for weeks leave it run in. */
    public function test_starters_shorten_the_wait_by_the_time_that_they_were_there(): void
    {
        $today = $this->day('2027-03-01');
        $plan = new NewHomePlan($this->day('2027-04-20'), isBuilt: true);
        $waited = function (int $days, bool $haveLeft = false) use ($today, $plan): int {
            $loads = [[$today->plusDays(-FilterPast::DAYS), 0.0], [$today->plusDays(-$days), 0.2]];
            $starters = new Starters($today->plusDays(-$days), $haveLeft ? $today : null, 0.2, new FilterPast($days === 0 ? [[$today->plusDays(-FilterPast::DAYS), 0.0]] : $loads, [], null, $today));

            return $today->daysUntil(Readying::of(Example::tank('new', 200, 70, 60, 25), new Rulebook, $plan, null, [], [], $today, $starters)->preparation->notBefore);
        };

        $this->assertGreaterThan(20, $waited(1));
        $this->assertLessThan($waited(1) - 5, $waited(15));
        $this->assertLessThan(12, $waited(45));
        $this->assertSame($waited(45) - 1, $waited(45, haveLeft: true), 'they need not be taken out any more');
    }

    public function test_steps_stand_as_the_keeper_arranged_them_and_days_are_counted_back_by_them(): void
    {
        $home = new NewHome(SystemKind::Vat, true, false, false, 20);
        $arranged = new Arrangement([new ArrangedStep('decor'), new ArrangedStep('fill', 4.0), new ArrangedStep('own-1', null, 'Rinse the sand'), new ArrangedStep('test')], ['clear-up']);
        $steps = Preparation::of($home, $this->day('2027-05-30'), ['own-1' => $this->day('2027-05-01')], $this->day('2027-05-01'), [], $arranged)->steps;

        $this->assertSame(['decor', 'fill', 'cycle', 'own-1', 'test'], array_map(fn (ScheduledStep $step): string => $step->key, $steps));
        $this->assertSame([1, 4, 20, 1, 2], array_map(fn (ScheduledStep $step): int => $step->days, $steps));
        $this->assertSame('Rinse the sand', Said::of($steps[3]->what));
        $this->assertSame('2027-05-01', $steps[3]->done?->toIso());
        $this->assertSame('2027-05-02', $steps[0]->begin->toIso(), '28 days before the wanted one');
    }

    public function test_a_filter_that_tested_ready_need_not_be_waited_for(): void
    {
        $today = $this->day('2027-03-21');
        $tests = [
            WaterTest::ofRecord($this->day('2027-03-01'), ['ammonia_mg_l' => 1.0, 'nitrite_mg_l' => 0.0, 'nitrate_mg_l' => 5.0]),
            WaterTest::ofRecord($this->day('2027-03-20'), ['ammonia_mg_l' => 0.0, 'nitrite_mg_l' => 0.0, 'nitrate_mg_l' => 40.0]),
            WaterTest::ofRecord($this->day('2027-03-21'), ['ammonia_mg_l' => 0.0, 'nitrite_mg_l' => 0.0, 'nitrate_mg_l' => 41.0]),
        ];
        $readying = Readying::of(Example::tank('new', 200, 70), new Rulebook, new NewHomePlan($this->day('2027-04-01'), true), null, $tests, ['fill' => $this->day('2027-02-20')], $today);

        $this->assertSame(CycleState::Ready, $readying->cycle);
        $this->assertFalse($readying->preparation->isLate());
    }

    /** Common practice, no published source: alkalinity about 5 °dH, ammonia and nitrite 0, copper under 0.03 mg/l where rays live, 0.03 to 0.2 a warning. */
    public function test_what_the_last_test_before_release_should_show(): void
    {
        $good = ['ammonia_mg_l' => 0.0, 'nitrite_mg_l' => 0.0, 'kh_dkh' => 5.0, 'copper_mg_l' => 0.02];
        $findings = fn (array $values): string => Said::of(ReleaseCheck::findings($values === [] ? [] : [WaterTest::ofRecord($this->day('2027-03-01'), $values)]));

        $this->assertSame('', $findings($good));
        $this->assertSame('Not measured yet: ammonia, nitrite and carbonate hardness.', $findings([]));
        $this->assertStringContainsString('about 5 °dH is wanted', $findings([...$good, 'kh_dkh' => 3.0]));
        $this->assertStringContainsString('not for rays', $findings([...$good, 'copper_mg_l' => 0.05]));
        $this->assertStringContainsString('too much for any fish', $findings([...$good, 'copper_mg_l' => 0.3]));
        $this->assertStringContainsString('Nitrite is 0.5 mg/l', $findings([...$good, 'nitrite_mg_l' => 0.5]));
        $this->assertStringContainsString('take it out first', $findings([...$good, 'chlorine_mg_l' => 0.1]));
    }

    private function day(string $iso): LocalDate
    {
        return LocalDate::fromIso($iso);
    }
}
