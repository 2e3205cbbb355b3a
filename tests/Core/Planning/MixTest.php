<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Habits;
use Biomegas\Facility\Species;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Planning\Floor\ProjectedOccupant;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Planning\Mix\Introduction;
use Biomegas\Planning\Mix\Mix;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;
use Tests\SampleSpecies;

final class MixTest extends TestCase
{
    public function test_it_works_until_one_can_swallow_another_and_says_how_long_that_must_be(): void
    {
        [$facility, $gar, $barbs] = self::facility('oscar', 60, 'cardinal-tetra', 30);
        $mix = self::mix($facility, [$gar, $barbs]);
        $this->assertNotNull($mix->until);
        $this->assertTrue($mix->until->isAfter($facility->date));
        $this->assertMatchesRegularExpression('/^Works until \w+ 202\d; then One can swallow Two\.$/', Said::of($mix->finding));
        $this->assertMatchesRegularExpression('/^(Add Two of [\d.]+ cm or longer, or none\.|No Two with One: they never grow out of its mouth\.)/', Said::of($mix->advice));
        $apart = $mix->grid->pairs[0]->spans();
        $this->assertEquals($apart[array_search('avoid', array_map(fn (array $span): string => $span[0]->value, $apart), true)][1], $mix->until, 'as the grid says');
    }

    public function test_one_that_fits_a_mouth_waits_until_it_has_grown(): void
    {
        [$facility, $hunter, $young] = self::facility('clown-knifefish', 550, 'tambaqui', 150);
        $mix = self::mix($facility, [$hunter, $young]);
        $this->assertStringContainsString('Does not work: One can swallow Two now.', Said::of($mix->finding));
        $this->assertMatchesRegularExpression('/Add Two of ([\d.]+) cm or longer, or none\./', Said::of($mix->advice));
        [$first, $second] = $mix->steps;
        $this->assertStringContainsString(sprintf('Add Two of %.0f cm', $second->length / 10), Said::of($mix->advice), 'as long as it is when it may come');
        $this->assertSame(['one', 'two'], [$first->fish->key, $second->fish->key]);
        $this->assertStringContainsString('Last, grown: until then it fits in the mouth of One', Said::of($second->why));
        $this->assertTrue($second->from?->isAfter($facility->date) === true && $second->length > 150.0);
        $this->assertEquals($mix->grid->swallowing($young, $hunter)?->until, $second->from);
    }

    public function test_the_peaceful_come_first_two_weeks_apart_and_some_never(): void
    {
        $of = fn (string $key, int $temper, float $mouth = 0.1): Species => Example::of(habits: new Habits(temperament: $temper, mouthRatio: $mouth), key: $key);
        $fish = [Example::fish($of('a', 4), 'tank', ['2027-02-20' => 200], key: 'hard'), Example::fish($of('b', 1), 'tank', ['2027-02-20' => 200], key: 'mild'), Example::fish($of('c', 2), 'tank', ['2027-02-20' => 200], key: 'middling')];
        $facility = Example::facility([Example::tank('tank', 200, 60)], $fish);
        $steps = self::mix($facility, $fish)->steps;
        $this->assertSame([['mild', 0], ['middling', 14], ['hard', 28]], array_map(fn (Introduction $step): array => [$step->fish->key, $facility->date->daysUntil($step->from ?? $facility->date)], $steps));
        $this->assertStringContainsString('Settle beforehand where Hard go', Said::of(self::mix($facility, $fish)->advice));
        $there = Mix::of($facility, self::members($facility, $fish), $facility->systems['tank']);
        $this->assertSame(['lives there already'], array_values(array_unique(array_map(fn (Introduction $step): string => mb_strtolower(trim(Said::of($step->why), '.')), $there->steps))));
        $this->assertNotNull($there->now);

        $gape = Example::fish($of('d', 1, 0.9), 'tank', ['2027-02-20' => 450], key: 'gape');
        $small = Example::fish(SampleSpecies::named('tinfoil-barb'), 'tank', ['2027-02-20' => 40], key: 'small');
        $never = self::mix(Example::facility([Example::tank('tank', 200, 60)], [$gape, $small]), [$gape, $small])->steps[1];
        $this->assertSame(['small', null], [$never->fish->key, $never->from]);
    }

    public function test_two_that_get_on_and_a_home_too_small_for_them_grown(): void
    {
        $fish = array_map(fn (string $key): Fish => Example::fish(Example::of(habits: new Habits(temperament: 1), key: $key), 'tank', ['2027-02-25' => 120], count: 3, key: $key), ['one', 'two']);
        $facility = Example::facility([Example::tank('tank', 200, 60, 60, 26)], $fish);
        $mix = Mix::of($facility, self::members($facility, $fish), $facility->systems['tank']);
        $this->assertNull($mix->until);
        $this->assertStringStartsWith('They get on until February 2029 at least', Said::of($mix->finding));
        $this->assertSame([], $mix->now?->objections === [] ? [] : ['now']);
        $this->assertStringContainsString('Tank holds them today, and in two years no longer.', Said::of($mix->advice));
    }

    /** @return array{Facility, Fish, Fish} */
    private static function facility(string $one, float $length, string $other, float $otherLength): array
    {
        $fish = [Example::fish(SampleSpecies::named($one), 'tank', ['2027-02-25' => $length], key: 'one'), Example::fish(SampleSpecies::named($other), 'tank', ['2027-02-25' => $otherLength], count: 6, key: 'two')];
        $facility = Example::facility([Example::tank('tank', 200, 60, 60, 26), Example::tank('other', 300, 100, 60, 26)], $fish);

        return [$facility, ...$fish];
    }

    /** @param  list<Fish>  $fish */
    private static function mix(Facility $facility, array $fish): Mix
    {
        return Mix::of($facility, self::members($facility, $fish), null);
    }

    /**
     * @param  list<Fish>  $fish
     * @return list<ProjectedOccupant>
     */
    private static function members(Facility $facility, array $fish): array
    {
        $growth = new FacilityGrowth($facility);

        return array_map(fn (Fish $one): ProjectedOccupant => new ProjectedOccupant($one, LengthsAhead::of($facility, $growth->projectionOf($one))), $fish);
    }
}
