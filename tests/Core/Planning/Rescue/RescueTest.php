<?php

declare(strict_types=1);

namespace Tests\Core\Planning\Rescue;

use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Habits;
use Biomegas\Facility\System;
use Biomegas\Planning\Rescue\Rescue;
use Biomegas\Planning\Rescue\RescuePlace;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Core\Planning\Plan\Plans;

final class RescueTest extends TestCase
{
    public function test_the_heaviest_is_caught_first_and_everybody_has_a_home(): void
    {
        $facility = $this->facility([$this->peaceful('one', 150.0), $this->peaceful('two', 250.0)], [Example::tank('failed', 200, 80, 60, 25), Example::tank('other', 400, 160, 80, 25)]);
        $places = $this->rescue($facility);
        $this->assertSame([['two', 'other'], ['one', 'other']], $this->who($places));
        $this->assertSame([false, false], array_map(fn (RescuePlace $place): bool => $place->isStopgap, $places));
        $this->assertGreaterThan(0.0, Rescue::minutesLeft($facility->systems['failed'], $facility, (new Plans($facility))->lodgers));
    }

    public function test_nobody_is_put_to_one_that_would_swallow_it(): void
    {
        $eater = Example::fish(Example::of(habits: new Habits(mouthRatio: 0.5)), 'failed', ['2027-02-20' => 400.0], key: 'eater');
        $facility = $this->facility([$eater, $this->peaceful('small', 60.0)], [Example::tank('failed', 400, 160, 80, 25), Example::tank('other', 400, 160, 80, 25), Example::tank('third', 300, 120, 80, 25)]);
        $homes = array_column($this->who($this->rescue($facility)), 1, 0);
        $this->assertNotContains(null, $homes);
        $this->assertNotSame($homes['eater'], $homes['small']);
    }

    /** The one with a single place to go is given it before the other takes it. */
    public function test_who_has_the_fewest_places_to_go_is_given_one_first(): void
    {
        $eater = Example::fish(Example::of(habits: new Habits(mouthRatio: 0.5)), 'failed', ['2027-02-20' => 400.0], key: 'eater');
        $facility = $this->facility([$eater, $this->peaceful('small', 60.0)], [Example::tank('failed', 400, 160, 80, 25), Example::tank('large', 400, 160, 80, 25), Example::tank('tiny', 80, 35, 40, 25)]);
        $homes = array_column($this->who($this->rescue($facility)), 1, 0);
        $this->assertSame(['eater' => 'large', 'small' => 'tiny'], $homes);
    }

    public function test_what_is_only_too_small_will_do_for_some_days_and_else_there_is_a_tub(): void
    {
        $large = $this->peaceful('one', 390.0);
        $small = $this->rescue($this->facility([$large], [Example::tank('failed', 400, 160, 80, 25), Example::tank('small', 60, 30, 40, 25)]));
        $this->assertTrue($small[0]->isStopgap);
        $this->assertSame('small', $small[0]->home?->key);
        $this->assertSame('2027-03-08', $small[0]->until?->toIso());
        $none = $this->rescue($this->facility([$large], [Example::tank('failed', 400, 160, 80, 25)]));
        $this->assertNull($none[0]->home);
    }

    public function test_nobody_lives_there(): void
    {
        $facility = $this->facility([], [Example::tank('failed', 400, 160, 80, 25)]);
        $this->assertSame([], $this->rescue($facility));
        $this->assertSame(INF, Rescue::minutesLeft($facility->systems['failed'], $facility, []));
    }

    private function peaceful(string $key, float $length): Fish
    {
        return Example::fish(Example::of(habits: new Habits(temperament: 1, mouthRatio: 0.05), key: 'peaceful'), 'failed', ['2027-02-20' => $length], key: $key);
    }

    /** @return list<RescuePlace> */
    private function rescue(Facility $facility): array
    {
        return Rescue::from($facility->systems['failed'], $facility, (new Plans($facility))->lodgers);
    }

    /**
     * @param  list<RescuePlace>  $places
     * @return list<array{string, string|null}>
     */
    private function who(array $places): array
    {
        return array_map(fn (RescuePlace $place): array => [$place->fish->key, $place->home?->key], $places);
    }

    /**
     * @param  list<Fish>  $fish
     * @param  list<System>  $systems
     */
    private function facility(array $fish, array $systems): Facility
    {
        return Example::facility($systems, $fish);
    }
}
