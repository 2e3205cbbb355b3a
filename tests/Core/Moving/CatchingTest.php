<?php

declare(strict_types=1);

namespace Tests\Core\Moving;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Moving\Mixing\Hardiness;
use Biomegas\Moving\Mixing\WaterSample;
use Biomegas\Moving\Sheet\Catching;
use Biomegas\Moving\Sheet\MoveCase;
use Biomegas\Moving\Sheet\MovingOccupant;
use Biomegas\Moving\Sheet\SheetStep;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** How fish are caught and carried: common practice, no published source. */
final class CatchingTest extends TestCase
{
    /** @return iterable<string, array{float, float, int, LengthKind, bool, float, list<string>}> mm, g each, count, length kind; sling, litres of the tub, steps */
    public static function catches(): iterable
    {
        yield 'a small one' => [120, 30, 1, LengthKind::Total, false, 5.0, ['decor-out', 'catch', 'into-tub']];
        yield 'as long as a net takes' => [350, 900, 1, LengthKind::Total, false, 20.0, ['decor-out', 'catch', 'into-tub']];
        yield 'too long for a net' => [351, 600, 1, LengthKind::Total, true, 15.0, ['decor-out', 'drain-down', 'catch', 'into-tub']];
        yield 'too heavy for a net' => [300, 1001, 1, LengthKind::Total, true, 25.0, ['decor-out', 'drain-down', 'catch', 'into-tub']];
        yield 'a load for two' => [700, 4100, 1, LengthKind::Total, true, 85.0, ['decor-out', 'drain-down', 'catch', 'into-tub', 'two-people']];
        yield 'a shoal by its mass together' => [120, 50, 20, LengthKind::Total, false, 20.0, ['decor-out', 'catch', 'into-tub']];
        yield 'a ray' => [300, 900, 1, LengthKind::Disc, false, 20.0, ['decor-out', 'catch', 'into-tub']];
    }

    /** @param  list<string>  $steps */
    #[DataProvider('catches')]
    public function test_catching(float $length, float $mass, int $count, LengthKind $kind, bool $sling, float $litres, array $steps): void
    {
        $catching = new Catching(self::case([new MovingOccupant(new Occupant('Moss', Example::of(lengthKind: $kind), $length, $count), $mass, Hardiness::Usual)]));

        $this->assertSame($sling, $catching->needsSling());
        $this->assertSame($litres, $catching->tubLitres());
        $this->assertSame($steps, array_map(fn (SheetStep $step): string => $step->key, $catching->steps()));
    }

    public function test_a_pond_is_drained_down_and_entered_in_waders(): void
    {
        $catching = new Catching(self::case([self::small()], Example::pond('pond')));

        $this->assertSame(['decor-out', 'drain-down', 'catch', 'into-tub'], array_map(fn (SheetStep $step): string => $step->key, $catching->steps()));
        $this->assertContains('moving.hand.waders', self::codes($catching));
        $this->assertNotContains('moving.hand.waders', self::codes(new Catching(self::case([self::small()]))));
    }

    public function test_each_hazard_is_named_once_and_asks_for_gloves(): void
    {
        $catching = new Catching(self::case([self::small(['Its spines sting.']), self::small(['Its spines sting.', 'It bites.'])]));

        $this->assertSame(['hazard-0', 'hazard-1'], array_values(array_filter(array_map(fn (SheetStep $step): string => $step->key, $catching->steps()), fn (string $key): bool => str_starts_with($key, 'hazard'))));
        $this->assertContains('moving.hand.gloves', self::codes($catching));
    }

    /** @return list<string> */
    private static function codes(Catching $catching): array
    {
        return array_map(fn (Finding $finding): string => $finding->code, $catching->toHaveAtHand());
    }

    /** @param  list<string>  $hazards */
    private static function small(array $hazards = []): MovingOccupant
    {
        return new MovingOccupant(new Occupant('Moss', Example::of(), 120, 1), 30, Hardiness::Usual, $hazards);
    }

    /** @param  non-empty-list<MovingOccupant>  $movers */
    private static function case(array $movers, ?System $from = null): MoveCase
    {
        $water = new WaterSample(25, 7.0, 4, 10);

        return new MoveCase($movers, $from ?? Example::tank('from', 150, 60), Example::tank('to', 300, 100), $water, $water, [], LocalDate::fromIso('2027-03-13'), new Rulebook);
    }
}
