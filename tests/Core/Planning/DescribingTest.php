<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Facility\CurveName;
use Biomegas\Facility\Range;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Growth\Curve\GrowthCurves;
use Biomegas\Planning\Describing\StatedGrowth;
use Biomegas\Planning\Describing\WorkedOut;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Said;
use Tests\SampleSpecies;

/** What follows from what a keeper knows, held against the kinds whose values are known. */
final class DescribingTest extends TestCase
{
    #[DataProvider('curves')]
    public function test_the_growth_that_was_seen_is_the_growth_that_follows(CurveName $curve): void
    {
        $coefficient = (new StatedGrowth(40, 230, 11))->coefficient($curve, 300);

        $this->assertEqualsWithDelta(230, GrowthCurves::named($curve)->lengthAt(40, 300, $coefficient, 11 / 12), 1e-6);
    }

    /** @return iterable<array{CurveName}> */
    public static function curves(): iterable
    {
        return array_map(fn (CurveName $curve): array => [$curve], CurveName::cases());
    }

    public function test_growth_that_cannot_be_is_refused(): void
    {
        $this->assertStringContainsString('must have grown', Said::refusing(fn () => new StatedGrowth(90, 90, 5)));
        $this->assertStringContainsString('give less here, or more there', Said::refusing(fn () => (new StatedGrowth(40, 320, 12))->coefficient(CurveName::Average, 300)));
    }

    /** Without one like it, the usual values must land near those of kinds that were described by hand: within a factor of two for three in four, which is what they do. */
    public function test_usual_values_are_near_those_of_kinds_that_are_known(): void
    {
        $near = $all = 0;
        foreach (array_keys(SampleSpecies::descriptions()) as $key) {
            $species = SampleSpecies::named($key);
            $d = SampleSpecies::descriptions()[$key];
            if (str_starts_with($d['sources']['litres'] ?? '', 'computed') || $species->needs->litres === null || ($d['animal'] ?? 'fish') !== 'fish' || $species->needs->salinity->value === 'marine') {
                continue;
            }
            $outline = WorkedOut::of($species->adultLength, $species->swimming, $species->curve, $species->needs->litres->for, null, null);
            $ratio = $outline->litres->usual / $species->needs->litres->usual;
            $all++;
            $near += (int) ($ratio > 0.5 && $ratio < 2.0);
        }

        $this->assertGreaterThan(60, $all);
        $this->assertGreaterThan(0.75, $near / $all);
    }

    public function test_one_like_it_hands_its_values_on_in_proportion(): void
    {
        $oscar = SampleSpecies::named('oscar');
        $same = WorkedOut::of($oscar->adultLength, SwimmingStyle::Slow, $oscar->curve, 1, null, $oscar);
        $larger = WorkedOut::of(Range::of('adult', 300, 450, 500), SwimmingStyle::Slow, $oscar->curve, 2, null, $oscar);

        $this->assertEqualsWithDelta($oscar->needs->litres?->usual, $same->litres->usual, 1);
        $this->assertEqualsWithDelta($oscar->growthCoefficient->typical, $same->growthCoefficient->typical, 1e-9);
        $this->assertEqualsWithDelta(1.5 * 1200, $larger->leastHome->lengthMm, 10);
        $this->assertGreaterThan($same->litres->usual + 110, $larger->litres->usual);
        $this->assertLessThan($oscar->growthCoefficient->typical, $larger->growthCoefficient->typical);
    }
}
