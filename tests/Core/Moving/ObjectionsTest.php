<?php

declare(strict_types=1);

namespace Tests\Core\Moving;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\Habits;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\Salinity;
use Biomegas\Facility\Span;
use Biomegas\Facility\Species;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Moving\Mixing\Hardiness;
use Biomegas\Moving\Mixing\MixingWay;
use Biomegas\Moving\Mixing\WaterMatch;
use Biomegas\Moving\Mixing\WaterSample;
use Biomegas\Moving\Quarantine\QuarantineState;
use Biomegas\Moving\Sheet\MoveCase;
use Biomegas\Moving\Sheet\MovingOccupant;
use Biomegas\Moving\Sheet\Objection;
use Biomegas\Moving\Sheet\Objections;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** What speaks against a move into a tank of 200 x 80 cm at 25 °C. */
final class ObjectionsTest extends TestCase
{
    private const TODAY = '2027-03-13';

    /** @return iterable<string, array{MovingOccupant, list<Occupant>, list<string>}> who goes, who lives there; kinds, blocks with a mark */
    public static function moves(): iterable
    {
        $calm = new Habits(temperament: 2);
        $resident = fn (float $length, Habits $habits = new Habits(temperament: 2), int $count = 1): Occupant => new Occupant('Resident', Example::of(habits: $habits, key: 'resident'), $length, $count, 1.0, 'resident');

        yield 'nothing' => [self::mover(Example::of(habits: $calm), 150), [], []];
        yield 'somebody of its size' => [self::mover(Example::of(habits: $calm), 150), [$resident(150)], []];
        yield 'a home too small' => [self::mover(Example::of(), 700), [], ['housing!']];
        yield 'too cold for it' => [self::mover(Example::of(keep: new Span(26, 30)), 150), [], ['housing!']];
        yield 'a marine fish' => [self::mover(Example::of(needs: new HousingNeeds(salinity: Salinity::Marine)), 150), [], ['housing!']];
        yield 'a lid is easily fitted' => [self::mover(Example::of(needs: new HousingNeeds(fittings: [Fitting::Lid])), 150), [], ['housing']];
        yield 'it would be swallowed' => [self::mover(Example::of(habits: $calm), 60), [$resident(300)], ['swallowing!']];
        yield 'it would swallow' => [self::mover(Example::of(habits: $calm), 300), [$resident(60)], ['swallowing!']];
        yield 'the resident bites pieces off' => [self::mover(Example::of(habits: $calm), 150), [$resident(150, new Habits(bitesPieces: true))], ['swallowing!']];
        yield 'it bites pieces off' => [self::mover(Example::of(habits: new Habits(bitesPieces: true)), 150), [$resident(150)], ['swallowing!']];
        yield 'no place if it fails' => [self::mover(Example::of(habits: $calm), 150, wantsFallback: true), [], ['fallback']];
        yield 'still in quarantine' => [self::mover(Example::of(habits: $calm), 150, quarantine: self::quarantine('2027-03-10')), [], ['quarantine!']];
        yield 'blocks come first' => [
            self::mover(Example::of(habits: $calm, needs: new HousingNeeds(fittings: [Fitting::Lid])), 60, quarantine: self::quarantine('2027-03-10'), wantsFallback: true),
            [$resident(300)], ['swallowing!', 'quarantine!', 'housing', 'fallback'],
        ];
    }

    /**
     * @param  list<Occupant>  $residents
     * @param  list<string>  $expected
     */
    #[DataProvider('moves')]
    public function test_objections(MovingOccupant $mover, array $residents, array $expected): void
    {
        $water = new WaterSample(25, 7.0, 4, 10);
        $case = new MoveCase([$mover], Example::tank('from', 150, 60, 60, 25), Example::tank('to', 200, 80, 60, 25), $water, $water, $residents, LocalDate::fromIso(self::TODAY), new Rulebook);
        $match = WaterMatch::of($water, $water, $case->hardiness(), MixingWay::TakeOut, 20.0, false);

        $this->assertSame($expected, array_map(fn (Objection $objection): string => $objection->kind->value.($objection->isBlock ? '!' : ''), Objections::of($case, $match)));
    }

    private static function mover(Species $species, float $length, ?QuarantineState $quarantine = null, bool $wantsFallback = false): MovingOccupant
    {
        return new MovingOccupant(new Occupant('Moss', $species, $length, 1, 1.0, 'moss'), 100, Hardiness::Usual, quarantine: $quarantine, wantsFallback: $wantsFallback);
    }

    private static function quarantine(string $from): QuarantineState
    {
        return QuarantineState::of(LocalDate::fromIso($from), 28, 0, [], LocalDate::fromIso(self::TODAY));
    }
}
