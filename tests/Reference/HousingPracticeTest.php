<?php

declare(strict_types=1);

namespace Tests\Reference;

use Biomegas\Facility\Fitting;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Growth\Fit\AdultSize;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Rule\TemperatureFit;
use Biomegas\Housing\Size\HomeLimit;
use Biomegas\Housing\Size\SizeRule;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\HomesAhead\Residents;
use Biomegas\Planning\WeighUp\Candidate;
use Biomegas\Planning\WeighUp\HealthSeen;
use Biomegas\Planning\WeighUp\WeighUp;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\SampleSpecies;

/** Facts of the trade on room and turning width: common practice, no published source. Nominal outside sizes, 1 cm of glass. */
final class HousingPracticeTest extends TestCase
{
    public function test_a_heavy_cichlid_of_30_cm_cannot_turn_on_30_cm_of_width_but_on_46(): void
    {
        $narrow = $this->limit(120, 30, SwimmingStyle::Slow);

        $this->assertLessThan(300, $narrow->millimetres);
        $this->assertSame(SizeRule::TurningWidth, $narrow->binding);
        $this->assertGreaterThanOrEqual(300, $this->limit(120, 46, SwimmingStyle::Slow)->millimetres);
    }

    public function test_the_width_inside_the_glass_decides(): void
    {
        $inside = Example::limitIn(Box::inside(1200, 300, 600), Example::of(SwimmingStyle::Slow));

        $this->assertGreaterThan($this->limit(120, 30, SwimmingStyle::Slow)->millimetres, $inside->millimetres);
    }

    public function test_racing_barbs_of_15_cm_fit_120_cm_and_no_less(): void
    {
        $this->assertGreaterThanOrEqual(150, $this->limit(120, 46, SwimmingStyle::Racing)->millimetres);
        $this->assertLessThan(150, $this->limit(100, 46, SwimmingStyle::Racing)->millimetres);
    }

    public function test_a_small_mouthed_acara_of_20_cm_fits_90_by_46(): void
    {
        $this->assertGreaterThanOrEqual(200, $this->limit(90, 46, SwimmingStyle::Slow)->millimetres);
    }

    /** Three cichlids of 30 cm on 183 x 46 cm pass, three of 25 cm on 120 x 46 cm do not; a pair with six small tetras does. */
    public function test_floor_shares_of_the_roomy_school(): void
    {
        $need = fn (array $lengths): float => RuleParameter::FloorRoomy->standard() * array_sum(array_map(fn (int $cm): float => (10.0 * $cm) ** 2, $lengths));

        $this->assertLessThanOrEqual($this->floor(183, 46), $need([30, 30, 30]));
        $this->assertGreaterThan($this->floor(120, 46), $need([25, 25, 25]));
        $this->assertLessThanOrEqual($this->floor(120, 46), $need([25, 25, 7, 7, 7, 7, 7, 7]));
    }

    /** Crowded grazers of 11 cm on 90 x 30 cm: twelve pass, thirteen are too many. */
    public function test_floor_shares_of_the_crowded_school(): void
    {
        $need = fn (int $n): float => RuleParameter::FloorCrowded->standard() * $n * 110 ** 2;

        $this->assertLessThanOrEqual($this->floor(90, 30), $need(12));
        $this->assertGreaterThan($this->floor(90, 30), $need(13));
    }

    public function test_an_oscar_of_30_cm_is_refused_120_by_30_and_has_its_least_home_in_120_by_46(): void
    {
        $this->assertFalse($this->passes('oscar', 300, 1, [120, 30, 58]));
        $this->assertTrue($this->passes('oscar', 300, 1, [120, 46, 52]));
    }

    /** 284 l is the usual least; the generous school wants 380 l and more. */
    public function test_the_litres_schools_part_at_284_and_380_litres(): void
    {
        $of = fn (string $school, float $litres): bool => $this->passes('oscar', 300, 1, [150, 60, 2 + $litres * 1000 / (148 * 58)], new Rulebook(['home' => $school]));

        $this->assertTrue($of('litres-usual', 290));
        $this->assertFalse($of('litres-usual', 270));
        $this->assertTrue($of('litres-generous', 390));
        $this->assertFalse($of('litres-generous', 370));
    }

    /** Sold as 48 by 18 inches, claimed as 120 by 46 cm: one tank by two names. */
    public function test_a_tank_of_48_by_18_inches_is_a_120_by_46(): void
    {
        $inches = array_map(fn (float $inch): float => 2.54 * $inch, [48.0, 18.0, 21.0]);

        $this->assertTrue($this->passes('oscar', 330, 1, [$inches[0], $inches[1], $inches[2]]));
        $this->assertTrue($this->passes('severum', 230, 1, [$inches[0], $inches[1], $inches[2]]));
        $this->assertTrue($this->passes('green-terror', 230, 1, [$inches[0], $inches[1], $inches[2]]));
        $this->assertFalse($this->passes('oscar', 330, 1, [2.54 * 44, $inches[1], $inches[2]]), 'four inches shorter is another tank');
    }

    /** A heater that is set in °F cannot be set to half a degree Celsius. */
    public function test_75_degrees_fahrenheit_is_not_outside_24_to_29_celsius(): void
    {
        $tank = System::ofOnePool('home', 'Home', SystemKind::Tank, Box::inside(1200, 460, 500), WaterTemperature::heldAt((75 - 32) / 1.8));

        $this->assertSame(TemperatureFit::Suits, TemperatureFit::of(SampleSpecies::named('severum'), $tank, new Rulebook));
        $this->assertSame(TemperatureFit::TooCold, TemperatureFit::of(SampleSpecies::named('severum'), System::ofOnePool('cold', 'Cold', SystemKind::Tank, Box::inside(1200, 460, 500), WaterTemperature::heldAt((73 - 32) / 1.8)), new Rulebook));
    }

    public function test_three_big_cichlids_and_the_pair_with_tetras(): void
    {
        $this->assertTrue($this->passes('oscar', 300, 3, [183, 46, 60]));
        $this->assertFalse($this->passes('oscar', 250, 3, [120, 46, 52]));
        $this->assertTrue($this->passes('oscar', 250, 2, [120, 46, 52], with: [['black-skirt-tetra', 70, 6]]));
    }

    public function test_racing_barbs_five_at_least_and_where_seven_fit(): void
    {
        $this->assertFalse($this->passes('red-line-torpedo-barb', 138, 4, [120, 46, 52]), 'too few');
        $this->assertTrue($this->passes('red-line-torpedo-barb', 138, 5, [120, 30, 46]));
        $this->assertFalse($this->passes('red-line-torpedo-barb', 138, 7, [120, 30, 46]));
        $this->assertTrue($this->passes('red-line-torpedo-barb', 138, 7, [120, 46, 52]));
    }

    /** The deep-bodied small tetra: adult 7.5 cm although labels say 4 to 5; least home 76 x 30 whatever a body-length rule says. */
    public function test_a_small_tetra_wants_its_least_home_and_its_group(): void
    {
        $this->assertTrue($this->passes('black-skirt-tetra', 72, 6, [76, 30, 38]));
        $this->assertFalse($this->passes('black-skirt-tetra', 72, 6, [60, 30, 38]));
        $this->assertFalse($this->passes('black-skirt-tetra', 72, 5, [76, 30, 38]));
        $this->assertEqualsWithDelta(75, AdultSize::of(SampleSpecies::named('black-skirt-tetra'))->range()->typical, 8);
    }

    /** Crowded on purpose, 6 to 12 grazers of 11 cm share 90 x 30 cm; thirteen are too many, and five are no crowd. */
    public function test_crowded_grazers(): void
    {
        $crowded = new Rulebook(['floor' => 'crowded']);

        $this->assertTrue($this->passes('zebra-mbuna', 110, 12, [90, 30, 46], $crowded));
        $this->assertFalse($this->passes('zebra-mbuna', 110, 13, [90, 30, 46], $crowded));
        $this->assertFalse($this->passes('zebra-mbuna', 110, 12, [90, 30, 46]), 'the roomy school');
        $this->assertFalse($this->passes('zebra-mbuna', 110, 5, [90, 30, 46], $crowded), 'less than its group');
    }

    /** @return iterable<string, array{string, int, array{float, float, float}}> inches as sold */
    public static function homesForLife(): iterable
    {
        yield 'an oscar in 75 gallons' => ['oscar', 1, [48, 18, 21]];
        yield 'a pair of severums' => ['severum', 2, [48, 18, 21]];
        yield 'a blue acara' => ['blue-acara', 1, [48, 18, 21]];
        yield 'an eight-banded cichlid' => ['eight-banded-cichlid', 1, [48, 18, 21]];
        yield 'a green terror' => ['green-terror', 1, [48, 18, 21]];
        yield 'three oscars in six feet' => ['oscar', 3, [72, 18, 24]];
        yield 'a fahaka in five feet' => ['fahaka-puffer', 1, [60, 24, 24]];
        yield 'torpedo barbs' => ['red-line-torpedo-barb', 7, [48, 18, 21]];
        yield 'an arowana of 98 cm in 4.7 by 3 m' => ['silver-arowana', 1, [185, 118, 40]];
    }

    /** @param  array{float, float, float}  $inches */
    #[DataProvider('homesForLife')]
    public function test_holds_for_life(string $species, int $count, array $inches): void
    {
        $chain = $this->life($species, $count, $inches);

        $this->assertTrue($chain->isForLife());
        $this->assertCount(1, $chain->stays);
        $this->assertNull($chain->toBuild);
    }

    public function test_a_cruiser_of_98_cm_fits_4_7_by_3_m(): void
    {
        $this->assertTrue($this->passes('silver-arowana', 980, 1, [472, 302, 100]));
        $this->assertFalse($this->passes('silver-arowana', 980, 1, [400, 302, 100]));
    }

    public function test_an_oscar_leaves_65_litres_at_8_to_10_cm(): void
    {
        $stay = $this->life('oscar', 1, [24, 12, 16])->stays[0];

        $this->assertNotNull($stay->leave);
        $this->assertFalse($this->passes('oscar', 100, 1, [61, 30, 41]));
        $this->assertTrue($this->passes('oscar', 80, 1, [61, 30, 41]));
    }

    /** @param  array{float, float, float}  $inches */
    private function life(string $species, int $count, array $inches): HomesAhead
    {
        [$length, $width, $depth] = array_map(fn (float $side): float => 25.4 * $side, $inches);
        $home = new System('home', 'Home', SystemKind::Tank, [new Pool('home', Box::outside($length, $width, $depth, 10))], WaterTemperature::heldAt(26), fittings: array_values(array_filter(Fitting::cases(), fn (Fitting $fitting): bool => $fitting !== Fitting::BareQuarantine)));
        $candidate = Candidate::of(SampleSpecies::named($species), SampleSpecies::backgroundOf($species), $count, null, HealthSeen::Well, 60, null, true);

        return WeighUp::of($candidate, Example::facility([$home], []), new Residents(fn (System $system): array => []))->chain;
    }

    public function test_outside_sizes_mislead_by_the_glass(): void
    {
        $edge = 198.0;
        $this->assertFalse($this->passes('oscar', $edge, 1, [120, 30, 56]));
        $this->assertTrue($this->passes('oscar', $edge, 1, [122, 32, 57]), 'the same water measured inside');
    }

    /**
     * @param  array{float, float, float}  $outside  length, width and depth in centimetres
     * @param  list<array{string, float, int}>  $with  kind, length and number of those who live there
     */
    private function passes(string $species, float $length, int $count, array $outside, Rulebook $rulebook = new Rulebook, array $with = []): bool
    {
        $everything = Fitting::cases();
        $home = new System(
            'home', 'Home', SystemKind::Tank, [new Pool('home', Box::outside(10 * $outside[0], 10 * $outside[1], 10 * $outside[2], 10))],
            WaterTemperature::heldAt(25), fittings: $everything,
        );
        $occupant = fn (string $species, float $length, int $count): Occupant => new Occupant($species, SampleSpecies::named($species), $length, $count);

        return Judgement::of(new HousingCase(
            $occupant($species, $length, $count), $home, array_map(fn (array $companion): Occupant => $occupant(...$companion), $with), $rulebook,
        ))->passes();
    }

    private function limit(float $length, float $width, SwimmingStyle $style): HomeLimit
    {
        return Example::limitIn($this->box($length, $width), Example::of($style));
    }

    private function floor(float $length, float $width): float
    {
        return $this->box($length, $width)->floorArea();
    }

    private function box(float $length, float $width): Box
    {
        return Box::outside(10 * $length, 10 * $width, 500, 10);
    }
}
