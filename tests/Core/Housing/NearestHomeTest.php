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
        $limit = fn (float $share): float => (new HomeLimits(new Rulebook))->limitIn(
            System::ofOnePool('home', 'Home', SystemKind::Tank, Box::inside(
                $share * max($least->swimLength, $least->turningWidth), $share * $least->turningWidth, $share * ($least->depth ?? 3000),
            )),
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

    public function test_litres_are_asked_for_where_the_facility_goes_by_them(): void
    {
        $this->assertNull(NearestHome::for(Example::of(), 300, new Rulebook)->litres);
    }
}
