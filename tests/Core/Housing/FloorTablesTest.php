<?php

declare(strict_types=1);

namespace Tests\Core\Housing;

use Biomegas\Facility\Fitting;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\LitresNeed;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Facility\WaterLayer;
use Biomegas\Housing\Floor\CrowdedFloor;
use Biomegas\Housing\Floor\FloorUse;
use Biomegas\Housing\Rule\FloorRule;
use Biomegas\Housing\Rule\SharedLitresRule;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleOption;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** What a floor and its litres hold of fish together. The home has 2000 x 1000 mm of floor and 1,200 l. */
final class FloorTablesTest extends TestCase
{
    private const FLOOR = 2000.0 * 1000.0;

    /** Squared lengths to a floor, common practice, no published source. */
    private const ROOMY = 2.9;

    private const CROWDED = 1.65;

    /** @return iterable<string, array{list<array{WaterLayer, int, float}>, array<value-of<WaterLayer>, float>}> layer, count and length; needed squared lengths by layer */
    public static function layers(): iterable
    {
        yield 'nobody' => [[], ['bottom' => 0.0, 'middle' => 0.0, 'top' => 0.0]];
        yield 'one at the bottom' => [[[WaterLayer::Bottom, 1, 300]], ['bottom' => 90000.0, 'middle' => 0.0, 'top' => 0.0]];
        yield 'a shoal counts each' => [[[WaterLayer::Middle, 10, 100]], ['bottom' => 0.0, 'middle' => 100000.0, 'top' => 0.0]];
        yield 'one of all layers counts in each' => [[[WaterLayer::All, 1, 200]], ['bottom' => 40000.0, 'middle' => 40000.0, 'top' => 40000.0]];
        yield 'those of other layers take nothing from each other' => [
            [[WaterLayer::Bottom, 1, 300], [WaterLayer::Top, 4, 100], [WaterLayer::All, 1, 200]],
            ['bottom' => 130000.0, 'middle' => 40000.0, 'top' => 80000.0],
        ];
    }

    /**
     * @param  list<array{WaterLayer, int, float}>  $fish
     * @param  array<value-of<WaterLayer>, float>  $squares
     */
    #[DataProvider('layers')]
    public function test_layers(array $fish, array $squares): void
    {
        $use = FloorUse::of(new Rulebook, self::home(), self::occupants($fish));
        foreach (WaterLayer::layers() as $layer) {
            $this->assertEqualsWithDelta(self::ROOMY * $squares[$layer->value], $use->needed($layer), 1e-6, $layer->value);
            $this->assertEqualsWithDelta(self::ROOMY * $squares[$layer->value] / self::FLOOR, $use->share($layer), 1e-12, $layer->value);
        }
        $this->assertEqualsWithDelta(self::ROOMY * max($squares) / self::FLOOR, $use->fullest(), 1e-12);
    }

    /** @return iterable<string, array{list<array{int, float}>, list<Fitting>, string|null}> count and length; the condition that fails */
    public static function crowds(): iterable
    {
        $aired = [Fitting::Air, Fitting::Flow];
        yield 'all conditions hold' => [[[6, 150]], $aired, null];
        yield 'too few' => [[[5, 150]], $aired, 'too_few'];
        yield 'six of two kinds' => [[[3, 150], [3, 140]], $aired, null];
        yield 'the longest allowed' => [[[6, 200]], $aired, null];
        yield 'too large' => [[[6, 201]], $aired, 'too_large'];
        yield 'unlike' => [[[6, 100], [1, 136]], $aired, 'unlike'];
        yield 'just alike enough' => [[[6, 100], [1, 135]], $aired, null];
        yield 'no air' => [[[6, 150]], [Fitting::Flow], 'no_air'];
        yield 'no flow' => [[[6, 150]], [Fitting::Air], 'no_air'];
    }

    /**
     * @param  list<array{int, float}>  $fish
     * @param  list<Fitting>  $fittings
     */
    #[DataProvider('crowds')]
    public function test_crowding_on_purpose(array $fish, array $fittings, ?string $unmet): void
    {
        $home = self::home($fittings);
        $occupants = self::occupants(array_map(fn (array $single): array => [WaterLayer::All, ...$single], $fish));
        $crowded = self::crowded();
        $finding = CrowdedFloor::unmet($crowded, $home, ...$occupants);

        $this->assertSame($unmet === null ? null : "housing.crowding.{$unmet}", $finding?->code);
        $this->assertSame($unmet === null ? self::CROWDED : self::ROOMY, CrowdedFloor::perSquaredLength($crowded, $home, ...$occupants));
        $this->assertSame(self::ROOMY, CrowdedFloor::perSquaredLength(new Rulebook, $home, ...$occupants), 'who keeps them roomy never crowds them');
    }

    /** @return iterable<string, array{int, float, bool, ?string}> count, length, whether it passes, what to change */
    public static function floors(): iterable
    {
        // 2,000,000 mm² hold 689,655 mm² of squared lengths, and 3 % more.
        yield 'one that fits' => [1, 843, true, null];
        yield 'one that is too long' => [1, 844, false, 'more_or_fewer'];
        yield 'as many as fit' => [17, 200, true, null];
        yield 'one too many' => [18, 200, false, 'fewer_or_more'];
    }

    #[DataProvider('floors')]
    public function test_floor(int $count, float $length, bool $passes, ?string $change): void
    {
        $verdict = (new FloorRule)->judge(new HousingCase(new Occupant('Newcomer', Example::of(), $length, $count), self::home(), [], new Rulebook));

        $this->assertSame($passes, $verdict->passes);
        $this->assertSame($change === null ? null : "housing.floor.{$change}", $verdict->change?->code);
    }

    public function test_residents_of_other_layers_leave_the_newcomer_its_floor(): void
    {
        $full = new Occupant('Resident', Example::of(layer: WaterLayer::Bottom, key: 'resident'), 820);
        $judge = fn (WaterLayer $layer): bool => (new FloorRule)->judge(new HousingCase(new Occupant('Newcomer', Example::of(layer: $layer), 300), self::home(), [$full], new Rulebook))->passes;

        $this->assertTrue($judge(WaterLayer::Top));
        $this->assertFalse($judge(WaterLayer::Bottom));
        $this->assertFalse($judge(WaterLayer::All));
    }

    /** @return iterable<string, array{string, list<array{int, float, bool}>, ?bool}> count, length and whether its litres are known */
    public static function sharedLitres(): iterable
    {
        // Adults of 500 mm: 600 l for a group of two, 100 l for each more; the home has 1,200 l.
        yield 'one who goes by room asks nothing' => ['footprint', [[20, 500, true]], null];
        yield 'nobody knows' => ['litres-usual', [[20, 500, false]], null];
        yield 'the group' => ['litres-usual', [[2, 500, true]], true];
        yield 'eight are exactly enough' => ['litres-usual', [[8, 500, true]], true];
        yield 'nine are too many' => ['litres-usual', [[9, 500, true]], false];
        yield 'nine that are half grown are not' => ['litres-usual', [[9, 250, true]], true];
        yield 'a second kind adds as more' => ['litres-usual', [[2, 500, true], [6, 500, true]], true];
        yield 'one more of the second kind' => ['litres-usual', [[2, 500, true], [7, 500, true]], false];
        yield 'a kind whose litres nobody knows adds nothing' => ['litres-usual', [[8, 500, true], [50, 500, false]], true];
        yield 'the lean school' => ['litres-lean', [[11, 500, true]], true];
        yield 'the generous school' => ['litres-generous', [[2, 500, true]], true];
        yield 'the generous school, one more' => ['litres-generous', [[3, 500, true]], false];
    }

    /** @param  list<array{int, float, bool}>  $fish */
    #[DataProvider('sharedLitres')]
    public function test_shared_litres(string $method, array $fish, ?bool $passes): void
    {
        $needs = new HousingNeeds(litres: new LitresNeed(2, 300, 600, 1200, 100));
        $occupants = array_map(
            fn (array $single, int $i): Occupant => new Occupant("Fish {$i}", $single[2] ? Example::of(needs: $needs, key: "known-{$i}") : Example::of(key: "unknown-{$i}"), $single[1], $single[0]),
            $fish, array_keys($fish),
        );
        $verdict = (new SharedLitresRule)->judge(new HousingCase($occupants[0], self::home(), array_slice($occupants, 1), (new Rulebook)->answering(RuleOption::Home, $method)));

        $this->assertSame($passes, $verdict?->passes);
        if ($passes === false) {
            $this->assertSame('housing.litres.more', $verdict->change?->code);
        }
    }

    /**
     * @param  list<array{WaterLayer, int, float}>  $fish
     * @return list<Occupant>
     */
    private static function occupants(array $fish): array
    {
        return array_map(
            fn (array $single, int $i): Occupant => new Occupant("Fish {$i}", self::species($single[0], $i), $single[2], $single[1]),
            $fish, array_keys($fish),
        );
    }

    private static function species(WaterLayer $layer, int $i): Species
    {
        return Example::of(layer: $layer, key: "kind-{$i}");
    }

    private static function crowded(): Rulebook
    {
        return (new Rulebook)->answering(RuleOption::Floor, 'crowded');
    }

    /** @param  list<Fitting>  $fittings */
    private static function home(array $fittings = []): System
    {
        return new System('home', 'Home', SystemKind::Tank, [new Pool('home', Box::inside(2000, 1000, 600))], fittings: $fittings);
    }
}
