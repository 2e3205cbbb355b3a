<?php

declare(strict_types=1);

namespace Tests\Core\Facility;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Description\ImpossiblePicture;
use Biomegas\Facility\Equipment\Divider;
use Biomegas\Facility\Equipment\Equipment;
use Biomegas\Facility\Equipment\LightSchedule;
use Biomegas\Facility\Shape\Bow;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Shape\Half;
use Biomegas\Facility\Shape\LShape;
use Biomegas\Facility\Shape\Outline;
use Biomegas\Facility\Shape\Round;
use Biomegas\Facility\Shape\Shape;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Housing\Size\HomeLimits;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Water\FilledWeight;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

final class EquipmentTest extends TestCase
{
    /** @return iterable<string, array{Shape, float}> */
    public static function shapes(): iterable
    {
        yield 'box' => [Box::inside(1800, 600, 600), 700];
        yield 'round' => [Round::inside(2400, 900), 1200];
        yield 'L' => [LShape::inside(2000, 600, 900, 500, 600), 400];
        yield 'bow' => [Bow::inside(1500, 500, 150, 500), 600];
        yield 'pond' => [Outline::inside([[0, 500], [500, 0], [5500, 0], [6000, 500], [6000, 3500], [0, 3500]], 1300), 2000];
    }

    #[DataProvider('shapes')]
    public function test_two_halves_have_the_floor_of_the_whole(Shape $whole, float $at): void
    {
        [$left, $right] = Half::both($whole, $at);
        // Curves are drawn with many short sides: their outline encloses a little less.
        $drawn = Outline::inside($whole->outline(), $whole->depth())->floorArea();

        $this->assertEqualsWithDelta($drawn, $left->floorArea() + $right->floorArea(), 1e-6 * $drawn);
        $this->assertSame($whole->depth(), $left->depth());
    }

    public function test_a_divider_outside_the_pool_is_refused(): void
    {
        $this->assertStringContainsString('which lie 180 cm apart', Said::refusing(fn () => Half::both(Box::inside(1800, 600, 600), 1900)));
    }

    public function test_a_divider_counts_while_it_stands(): void
    {
        $day = LocalDate::fromIso('2027-03-01');
        $for = fn (?LocalDate $until): System => Example::tank('long', 242, 72)->with(new Equipment(dividers: [new Divider('long', 800, $day, $until)]));

        $stands = fn (?LocalDate $until, int $days): bool => (new Divider('long', 800, $day, $until))->standsOn($day->plusDays($days));

        $this->assertSame([false, true, true], [$stands(null, -1), $stands(null, 0), $stands(null, 4000)]);
        $this->assertSame([true, false], [$stands($day->plusDays(5), 4), $stands($day->plusDays(5), 5)]);
        $this->assertCount(2, $for(null)->lastingPools());
        $this->assertCount(1, $for($day->plusDays(5))->lastingPools(), 'one that comes out soon does not decide for years');
        $this->assertEqualsWithDelta(1600, max(array_map(fn ($pool): float => $pool->shape->swimLength(), $for(null)->lastingPools())), 1e-6);
    }

    public function test_a_lasting_divider_lowers_the_limit_to_the_larger_part(): void
    {
        $whole = Example::tank('long', 242, 72);
        $parted = $whole->with(new Equipment(dividers: [new Divider('long', 1200, LocalDate::fromIso('2027-03-01'))]));
        $limits = new HomeLimits(new Rulebook);

        $this->assertEqualsWithDelta(700 / 1.3, $limits->limitIn($whole, Example::of())->millimetres, 1e-6, 'too long to turn');
        $this->assertEqualsWithDelta(1200 / 3.3, $limits->limitIn($parted, Example::of())->millimetres, 1e-6, 'too long for the swimming length of a half');
    }

    public function test_decor_takes_floor_and_water_and_a_sump_adds_water_but_no_room(): void
    {
        $bare = Example::tank('long', 242, 72);
        $full = $bare->with(new Equipment(sumpLitres: 200, decorArea: 1e5, decorLitres: 30, decorKilograms: 60));

        $this->assertEqualsWithDelta($bare->floorArea() - 1e5, $full->floorArea(), 1e-6);
        $this->assertEqualsWithDelta($bare->litres() - 30, $full->litres(), 1e-9);
        $this->assertEqualsWithDelta($bare->litres() + 170, $full->waterLitres(), 1e-9);
        $this->assertGreaterThan(FilledWeight::of($bare)->kilograms, FilledWeight::of($full)->kilograms, 'stone is heavier than the water it takes the place of');
    }

    /** @return iterable<string, array{Equipment}> */
    public static function tooMuch(): iterable
    {
        yield 'more floor than there is' => [new Equipment(decorArea: 1e9)];
        yield 'more room than there is' => [new Equipment(decorLitres: 1e6)];
        yield 'a divider in no pool' => [new Equipment(dividers: [new Divider('nowhere', 500, LocalDate::fromIso('2027-01-01'))])];
    }

    #[DataProvider('tooMuch')]
    public function test_what_has_no_place_there_is_refused(Equipment $equipment): void
    {
        $this->expectException(ImpossiblePicture::class);
        Example::tank('long', 242, 72)->with($equipment);
    }

    /** A kilogram per litre; a metre of water presses with a ton on each square metre. */
    public function test_a_pond_weighs_its_water(): void
    {
        $pond = System::ofOnePool('pond', 'Pond', SystemKind::Pond, Box::inside(4000, 3000, 1000));

        $this->assertEqualsWithDelta(12000, FilledWeight::of($pond)->kilograms, 1e-6);
        $this->assertEqualsWithDelta(1000, FilledWeight::of($pond)->perSquareMetre, 1e-6);
        $this->assertFalse(FilledWeight::of($pond)->wantsAnEngineer(SystemKind::Pond));
        $this->assertTrue(FilledWeight::of(Example::tank('long', 242, 72))->wantsAnEngineer(SystemKind::Tank));
    }

    public function test_lights_go_through_the_day_in_order(): void
    {
        $light = LightSchedule::of('08:30', '19:00', '21:15', true);

        $this->assertSame([510, 1140, 1275], [$light->on, $light->dim, $light->off]);
        $this->expectException(ImpossiblePicture::class);
        LightSchedule::of('08:30', '22:00', '21:15', true);
    }
}
