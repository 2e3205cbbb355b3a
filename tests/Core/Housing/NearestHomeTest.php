<?php

declare(strict_types=1);

namespace Tests\Core\Housing;

use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\LeastHome;
use Biomegas\Facility\LitresNeed;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Species;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Housing\Size\HomeLimits;
use Biomegas\Housing\Size\NearestHome;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleOption;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** The least home for a length and the greatest length for a home are two sides of one rule. */
final class NearestHomeTest extends TestCase
{
    /** @return iterable<string, array{Species, float}> */
    public static function fish(): iterable
    {
        foreach (SwimmingStyle::cases() as $style) {
            foreach ([120.0, 333.0, 500.0, 640.0] as $length) {
                yield "{$style->value}, {$length} mm" => [Example::of(swimming: $style), $length];
                yield "{$style->value}, {$length} mm, tall" => [Example::of(swimming: $style, tallRatio: 1.2), $length];
                yield "{$style->value}, {$length} mm, a least home is claimed" => [Example::of(swimming: $style, needs: new HousingNeeds(leastHome: new LeastHome(2400, 900, null))), $length];
            }
        }
    }

    #[DataProvider('fish')]
    public function test_the_least_home_for_a_length_holds_it_and_a_smaller_one_does_not(Species $species, float $length): void
    {
        $least = NearestHome::for($species, $length, new Rulebook);
        [$run, $width] = [max($least->swimLength, $least->turningWidth), $least->turningWidth];
        $depth = $least->depth === null ? 3000 : max($least->depth, 1e6 * (float) $least->litres / ($run * $width));
        $limit = fn (float $share): float => (new HomeLimits(new Rulebook))->limitIn(
            System::ofOnePool('home', 'Home', SystemKind::Tank, Box::inside($share * $run, $share * $width, $share * $depth)),
            $species,
        )->millimetres;

        $this->assertGreaterThanOrEqual($length * (1 - 1e-9), $limit(1.0));
        // A claim is met within 3 % of its inside sizes, two panes of glass taken off: the width binds.
        $claimed = $species->needs->leastHome === null ? 1.0 : 0.97 * (900 - 20) / 900;
        $this->assertLessThan($length, $limit(0.98 * $claimed));
    }

    /** @return iterable<string, array{Species, float}> */
    public static function fishByLitres(): iterable
    {
        foreach ([60.0, 120.0, 333.0, 500.0, 640.0] as $length) {
            yield "{$length} mm" => [Example::of(needs: new HousingNeeds(litres: new LitresNeed(1, 300, 500, 900, 100))), $length];
        }
    }

    #[DataProvider('fishByLitres')]
    public function test_the_least_litres_hold_it_and_fewer_do_not(Species $species, float $length): void
    {
        $rulebook = (new Rulebook)->answering(RuleOption::Home, 'litres-usual');
        $litres = (float) NearestHome::for($species, $length, $rulebook)->litres;
        $limit = fn (float $share): float => (new HomeLimits($rulebook))->limitIn(
            System::ofOnePool('home', 'Home', SystemKind::Tank, Box::inside(1000, 1000, $share * $litres)), $species,
        )->millimetres;

        $this->assertGreaterThanOrEqual($length * (1 - 1e-9), $limit(1.0));
        $this->assertLessThan($length, $limit(0.98));
    }

    public function test_a_large_kind_wants_water_for_its_length(): void
    {
        $this->assertSame(210.0, NearestHome::for(Example::of(), 300, new Rulebook)->litres);
        $this->assertNull(NearestHome::for(Example::of(), 300, new Rulebook(numbers: ['grow_out_from_mm' => 800.0]))->litres, 'it stays small');
    }

    public function test_a_large_cruiser_needs_fewer_of_its_lengths(): void
    {
        $run = fn (SwimmingStyle $style, float $length): float => NearestHome::for(Example::of(swimming: $style), $length, new Rulebook)->swimLength;

        $this->assertEqualsWithDelta(4.8 * 800, $run(SwimmingStyle::Cruising, 800), 1e-9);
        $this->assertEqualsWithDelta(4.8 * 800 + 2.5 * 200, $run(SwimmingStyle::Cruising, 1000), 1e-9);
        $this->assertEqualsWithDelta(7.5 * 1000, $run(SwimmingStyle::Racing, 1000), 1e-9);
        $home = System::ofOnePool('home', 'Home', SystemKind::Pond, Box::inside(4.8 * 800 + 2.5 * 200, 3000, 1500));
        $this->assertEqualsWithDelta(1000, (new HomeLimits(new Rulebook))->limitIn($home, Example::of(swimming: SwimmingStyle::Cruising))->millimetres, 1e-9);
    }

    public function test_a_group_needs_floor_and_water_for_all(): void
    {
        $species = Example::of(needs: new HousingNeeds(litres: new LitresNeed(1, 300, 500, 900, 100)));
        $single = NearestHome::for($species, 500, new Rulebook);
        $ten = NearestHome::forGroup($species, 500, 10, new Rulebook);
        $litres = (new Rulebook)->answering(RuleOption::Home, 'litres-usual');

        $this->assertEqualsWithDelta(10 * 2.9 * 500 ** 2, $ten->swimLength * $ten->turningWidth, 1e-3);
        $this->assertEqualsWithDelta($single->swimLength / $single->turningWidth, $ten->swimLength / $ten->turningWidth, 1e-9);
        $this->assertSame(500.0 + 9 * 100.0, NearestHome::forGroup($species, 500, 10, $litres)->litres);
    }
}
