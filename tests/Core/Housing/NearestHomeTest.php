<?php

declare(strict_types=1);

namespace Tests\Core\Housing;

use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\LeastHome;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Species;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Housing\Size\HomeLimits;
use Biomegas\Housing\Size\NearestHome;
use Biomegas\Rulebook\Rulebook;
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
        // A claim is met within 3 %, and two panes of glass are taken off it.
        $this->assertLessThan($length, $limit($species->needs->leastHome === null ? 0.98 : 0.94));
    }

    public function test_litres_are_asked_for_where_the_facility_goes_by_them(): void
    {
        $this->assertNull(NearestHome::for(Example::of(), 300, new Rulebook)->litres);
    }
}
