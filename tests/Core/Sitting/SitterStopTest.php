<?php

declare(strict_types=1);

namespace Tests\Core\Sitting;

use Biomegas\Facility\Fitting;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Mass;
use Biomegas\Measure\TemperatureSpan;
use Biomegas\Sitting\Emergency;
use Biomegas\Sitting\SitterRound;
use Biomegas\Sitting\SitterStop;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** What somebody who does not keep fish is asked at a home. Common practice, no published source. */
final class SitterStopTest extends TestCase
{
    public function test_what_is_to_be_given_is_said_and_nothing_is_asked_for_where_they_need_none(): void
    {
        $fish = [Example::fish(Example::of(), 'long', [])];
        $dry = Finding::of('food.dry', amount: Mass::ofGrams(12.4));
        $stop = fn (array $feed): SitterStop => SitterStop::of(Example::tank('long', 200, 80), $fish, $feed, [], 25.0, false);

        $this->assertSame(['sitter.feed', true, [$dry]], [$stop([$dry])->feed->code, $stop([$dry])->isFed, $stop([$dry])->feed->figures['what']]);
        $this->assertSame(['sitter.no_feed', false], [$stop([])->feed->code, $stop([])->isFed]);
        $this->assertSame('sitter.medicine', SitterStop::of(Example::tank('long', 200, 80), $fish, [$dry], ['garlic'], null, false)->look[2]->code);
    }

    public function test_fish_are_counted_by_head_and_named(): void
    {
        [$one, $shoal] = [Example::fish(Example::of(), 'long', []), Example::fish(Example::of(), 'long', [], count: 12, key: 'barbs')];
        $first = fn (array $fish): Finding => SitterStop::of(Example::tank('long', 200, 80), $fish, [], [], null, false)->look[0];

        $this->assertSame(['sitter.one_there', 'One'], [$first([$one])->code, $first([$one])->figures['fish']]);
        $this->assertSame('sitter.shoal_there', $first([$shoal])->code);
        $this->assertSame(['sitter.all_there', 13, ['One', 'Barbs']], [$first([$one, $shoal])->code, $first([$one, $shoal])->figures['n'], $first([$one, $shoal])->figures['fish']]);
        $this->assertSame(13, SitterStop::of(Example::tank('long', 200, 80), [$one, $shoal], [], [], null, false)->heads);
    }

    public function test_what_to_look_at_follows_from_the_home_and_who_lives_there(): void
    {
        $codes = fn (SitterStop $stop): array => array_slice(array_map(fn (Finding $look): string => $look->code, $stop->look), 1);
        $calm = [Example::fish(Example::of(), 'x', [])];
        $jumper = [Example::fish(Example::of(needs: new HousingNeeds(fittings: [Fitting::TightLid])), 'x', [])];

        $this->assertSame(['sitter.thermometer', 'sitter.running'], $codes(SitterStop::of(Example::tank('x', 200, 80), $calm, [], [], 25.0, false)));
        $this->assertSame(['sitter.running', 'sitter.lid', 'sitter.quarantine'], $codes(SitterStop::of(Example::tank('x', 200, 80), $jumper, [], [], null, true)));
        $this->assertSame(['sitter.level'], $codes(SitterStop::of(Example::pond('x'), $calm, [], [], 8.0, false)), 'a pond is as warm as the weather');
        $span = SitterStop::of(Example::tank('x', 200, 80), $calm, [], [], 25.0, false)->look[1]->figures['span'];
        $this->assertEquals(TemperatureSpan::ofCelsius(23, 27), $span);
    }

    public function test_those_who_may_be_ill_come_last_and_the_others_keep_their_order(): void
    {
        $stop = fn (string $key, bool $isIll): SitterStop => SitterStop::of(Example::tank($key, 200, 80), [Example::fish(Example::of(), $key, [])], [], [], null, $isIll);
        $walked = SitterRound::inOrder([$stop('ill', true), $stop('one', false), $stop('two', false)]);

        $this->assertSame(['one', 'two', 'ill'], array_column($walked, 'system'));
    }

    public function test_every_emergency_says_what_to_do_and_whom_to_call_where_it_matters(): void
    {
        $calls = array_filter(Emergency::cases(), fn (Emergency $emergency): bool => ($emergency->finding('Rose')->figures['call'] ?? null) === 'Rose');
        $this->assertCount(count(Emergency::cases()) - 1, $calls);
        $this->assertArrayNotHasKey('call', Emergency::NotEating->finding('Rose')->figures, 'nobody is called at once over food that is left');
    }
}
