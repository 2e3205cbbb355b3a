<?php

declare(strict_types=1);

namespace Tests\Core\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Planning\Plan\Breach;
use Biomegas\Planning\Plan\DecidedMove;
use Biomegas\Planning\Plan\Itineraries;
use Biomegas\Planning\Plan\PlanCheck;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class PlanCheckTest extends TestCase
{
    private const HORIZON = '2029-02-28';

    public function test_who_stays_too_long_breaks_its_size_from_the_day_to_the_end(): void
    {
        $plans = self::plans([Example::tank('small', 120, 50)], [self::growing('one')]);
        $outgrown = $plans->lodgers['one']->outgrows($plans->facility->systems['small']);
        $this->assertNotNull($outgrown);

        [$breach] = $breaches = self::check($plans, [])->breaches();
        $this->assertCount(1, $breaches);
        $this->assertSame(['one', 'small', HousingRule::Size], [$breach->fish->key, $breach->system->key, $breach->verdict->rule]);
        $this->assertSame($outgrown->toIso(), $breach->from->toIso(), 'found to the day, not to the step');
        $this->assertSame(self::HORIZON, $breach->until->toIso());
        $this->assertSame($outgrown->daysUntil(LocalDate::fromIso(self::HORIZON)), $breach->days());
    }

    public function test_a_move_in_time_breaks_nothing_and_a_late_one_until_it_is_made(): void
    {
        $plans = self::plans([Example::tank('small', 120, 50), Example::tank('large', 400, 160, 80)], [self::growing('one')]);
        $outgrown = $plans->lodgers['one']->outgrows($plans->facility->systems['small']);
        $this->assertNotNull($outgrown);

        $this->assertSame([], self::check($plans, [new DecidedMove('one', 'small', 'large', $outgrown)])->breaches());
        $late = $outgrown->plusDays(40);
        [$breach] = self::check($plans, [new DecidedMove('one', 'small', 'large', $late)])->breaches();
        $this->assertSame([$outgrown->toIso(), $late->toIso()], [$breach->from->toIso(), $breach->until->toIso()]);
    }

    public function test_a_home_that_is_too_small_on_arrival_is_named_from_that_day(): void
    {
        $plans = self::plans([Example::tank('large', 400, 160, 80), Example::tank('small', 60, 30)], [Example::fish(Example::of(), 'large', ['2026-12-01' => 380.0, '2027-02-20' => 390.0])]);
        $day = LocalDate::fromIso('2027-07-07');
        [$breach] = self::check($plans, [new DecidedMove('one', 'large', 'small', $day)])->breaches();
        $this->assertSame(['small', '2027-07-07'], [$breach->system->key, $breach->from->toIso()]);
    }

    public function test_breaches_come_by_day_and_those_of_one_home_alone_when_asked(): void
    {
        $plans = self::plans(
            [Example::tank('small', 120, 50), Example::tank('other', 125, 52)],
            [self::growing('two', 'other'), self::growing('one')],
        );
        $check = self::check($plans, []);
        $days = array_map(fn (Breach $breach): string => $breach->from->toIso(), $check->breaches());
        $sorted = $days;
        sort($sorted);
        $this->assertCount(2, array_unique($days));
        $this->assertSame($sorted, $days);
        foreach (['small' => 'one', 'other' => 'two'] as $system => $fish) {
            $this->assertSame([$fish], array_map(fn (Breach $breach): string => $breach->fish->key, $check->breachesIn($system)));
        }
        $this->assertSame([], $check->breachesIn('nowhere'));
    }

    private static function growing(string $key, string $system = 'small'): Fish
    {
        return Example::fish(Example::of(), $system, ['2026-12-01' => 160.0, '2027-02-20' => 200.0], key: $key);
    }

    /**
     * @param  list<System>  $systems
     * @param  list<Fish>  $fish
     */
    private static function plans(array $systems, array $fish): Plans
    {
        return new Plans(Example::facility($systems, $fish));
    }

    /** @param  list<DecidedMove>  $moves */
    private static function check(Plans $plans, array $moves): PlanCheck
    {
        return new PlanCheck(Itineraries::of($plans->lodgers, $moves, $plans->facility->systems, $plans->facility->date), LocalDate::fromIso(self::HORIZON));
    }
}
