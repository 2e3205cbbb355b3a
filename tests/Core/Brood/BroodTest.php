<?php

declare(strict_types=1);

namespace Tests\Core\Brood;

use Biomegas\Brood\Brood;
use Biomegas\Brood\BroodPlan;
use Biomegas\Brood\BroodSign;
use Biomegas\Brood\BroodStep;
use Biomegas\Brood\BroodStyle;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class BroodTest extends TestCase
{
    /** Common practice, no published source: first signs on day 7, yolk used on 14 to 16, released on 20 to 28, guarded one to two weeks more; egg scatterers hatch in 2 to 3 days, brine shrimp from the second week. */
    public function test_days_as_keepers_know_them(): void
    {
        $days = self::days(BroodStyle::Mouthbrooder, BroodSign::Holding);
        $this->assertSame([[7, 7], [14, 16], [20, 28], [27, 42]], [$days['tails'], $days['yolk-used'], $days['released'], $days['guarded']]);
        $this->assertLessThanOrEqual(20, $days['nursery'][1], 'a home for them before they are let out');
        $eggs = self::days(BroodStyle::EggScatterer, BroodSign::Spawned);
        $this->assertSame([[0, 0], [2, 3], [14, 14]], [$eggs['parents-out'], $eggs['hatch'], $eggs['brine-shrimp']]);
        $this->assertSame('parents-out', array_key_first($eggs), 'by day');
    }

    public function test_before_the_eggs_are_seen_there_are_no_days(): void
    {
        $this->assertSame(['look-for-eggs'], array_keys(self::days(BroodStyle::SubstrateGuarder, BroodSign::PairFormed)));
        $this->assertSame(['birth'], array_keys(self::days(BroodStyle::Livebearer, BroodSign::Darkening)));
    }

    public function test_the_keeper_ticks_leaves_out_and_knows_days_better(): void
    {
        $steps = BroodPlan::of(BroodStyle::EggScatterer, BroodSign::Spawned, self::day(0), ['hatch' => ['on' => self::day(5)], 'parents-out' => ['done' => true], 'nursery' => ['out' => true]]);
        $of = array_column(array_map(fn (BroodStep $step): array => [$step->kind->value, $step], $steps), 1, 0);
        $this->assertSame([5, 5, true], [self::day(0)->daysUntil($of['hatch']->from), self::day(0)->daysUntil($of['hatch']->until), $of['hatch']->isMoved]);
        $this->assertSame([false, false, true, false], [$of['parents-out']->isDueOn(self::day(1)), $of['nursery']->isDueOn(self::day(30)), $of['hatch']->isDueOn(self::day(5)), $of['hatch']->isDueOn(self::day(4))]);
        $this->assertSame([false, true], [$of['free-swimming']->isLateOn(self::day(6)), $of['free-swimming']->isLateOn(self::day(7))]);
    }

    public function test_guarded_until_the_last_step(): void
    {
        $guarded = fn (BroodStyle $style, int $day): bool => BroodPlan::isGuardedOn(self::day($day), $style, BroodSign::Holding, self::day(0), []);
        $this->assertSame([false, true, true, false], [$guarded(BroodStyle::Mouthbrooder, -1), $guarded(BroodStyle::Mouthbrooder, 0), $guarded(BroodStyle::Mouthbrooder, 42), $guarded(BroodStyle::Mouthbrooder, 43)]);
        $this->assertFalse($guarded(BroodStyle::Livebearer, 1));
    }

    public function test_what_is_to_be_thought_of_and_what_cannot_be(): void
    {
        [$one, $two] = [self::fish('one', 'a'), self::fish('two', 'b')];
        $said = fn (?Fish $father, BroodStyle $style): string => Said::of(Brood::of($one, $father, $style, BroodSign::Spawned, self::day(0))->cautions());
        $this->assertSame('The young of A fish and B fish are hybrids: do not pass them on as either. Parents that guard drive off the others: watch them, or put a divider in.', $said($two, BroodStyle::SubstrateGuarder));
        $this->assertSame('Parents eat the eggs: take them out, or the eggs.', $said(null, BroodStyle::EggScatterer));
        $check = fn (?Fish $father, string $home, int $day): callable => fn () => Brood::check($one, $father, $home, self::day($day), self::day(10));
        $this->assertSame('', Said::refusedField($check($two, 'tank', 5)(...)));
        $this->assertSame('father_id', Said::refusedField($check($one, 'tank', 5)(...)), 'one fish is not both');
        $this->assertSame('mother_id', Said::refusedField($check(null, 'elsewhere', 5)(...)));
        $this->assertSame('date', Said::refusedField($check(null, 'tank', 11)(...)), 'to come');
        $this->assertSame('One did not live there on 18 February 2027. Check the fish and the day.', Said::refusing($check(null, 'elsewhere', 5)(...)));
    }

    /** @return array<string, array{int, int}> days from and until by kind of step */
    private static function days(BroodStyle $style, BroodSign $sign): array
    {
        return array_column(array_map(fn (BroodStep $step): array => [$step->kind->value, [self::day(0)->daysUntil($step->from), self::day(0)->daysUntil($step->until)]], BroodPlan::of($style, $sign, self::day(0))), 1, 0);
    }

    private static function fish(string $key, string $species): Fish
    {
        return Example::fish(Example::of(key: $species), 'tank', ['2027-01-10' => 200], key: $key);
    }

    private static function day(int $day): LocalDate
    {
        return LocalDate::fromIso('2027-02-13')->plusDays($day);
    }
}
