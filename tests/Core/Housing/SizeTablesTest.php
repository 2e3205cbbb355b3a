<?php

declare(strict_types=1);

namespace Tests\Core\Housing;

use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\LeastHome;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\LitresNeed;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Shape\Round;
use Biomegas\Facility\Species;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Housing\Size\FootprintLimit;
use Biomegas\Housing\Size\HomeLimit;
use Biomegas\Housing\Size\HomeLimits;
use Biomegas\Housing\Size\LeastHomeLimit;
use Biomegas\Housing\Size\LitresLimit;
use Biomegas\Housing\Size\SizeRule;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleException;
use Biomegas\Rulebook\RuleOption;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** Until what length a fish fits, by each rule of size: a table of homes, species and the length that comes out. */
final class SizeTablesTest extends TestCase
{
    /** The species of these tables is 500 mm long when it is grown. */
    private const ADULT = 500.0;

    /** @return iterable<string, array{SwimmingStyle, LengthKind, ?float, array<value-of<SizeRule>, float>}> */
    public static function footprints(): iterable
    {
        // In 1800 x 600 x 600 mm: body lengths to swim and to turn by style, common practice, no published source.
        yield 'a slow fish' => [SwimmingStyle::Slow, LengthKind::Total, null, ['swim-length' => 1800 / 3.3, 'turning-width' => 600 / 1.3]];
        yield 'a cruising fish' => [SwimmingStyle::Cruising, LengthKind::Total, null, ['swim-length' => 1800 / 4.8, 'turning-width' => 600 / 1.4]];
        yield 'a racing fish' => [SwimmingStyle::Racing, LengthKind::Total, null, ['swim-length' => 1800 / 7.5, 'turning-width' => 600 / 1.8]];
        yield 'a ray turns on its disc' => [SwimmingStyle::Slow, LengthKind::Disc, null, ['swim-length' => 1800 / 3.3, 'turning-width' => 600 / 2]];
        yield 'a tall body wants depth' => [SwimmingStyle::Slow, LengthKind::Total, 1.5, ['swim-length' => 1800 / 3.3, 'turning-width' => 600 / 1.3, 'depth' => 600 / 1.5]];
    }

    /** @param  array<value-of<SizeRule>, float>  $expected */
    #[DataProvider('footprints')]
    public function test_footprint(SwimmingStyle $style, LengthKind $kind, ?float $tall, array $expected): void
    {
        $limits = (new FootprintLimit)->limits(self::pool(), Example::of($style, lengthKind: $kind, tallRatio: $tall), new Rulebook);

        $this->assertLimits($expected, $limits);
    }

    public function test_in_a_round_vat_it_swims_along_half_the_wall(): void
    {
        $vat = new Pool('vat', Round::inside(2000, 900));

        $this->assertLimits(['swim-length' => M_PI * 1000 / 3.3, 'turning-width' => 2000 / 1.3], (new FootprintLimit)->limits($vat, Example::of(), new Rulebook));
    }

    public function test_one_who_goes_by_litres_asks_for_no_room_to_swim(): void
    {
        $rulebook = self::answering('litres-usual');

        $this->assertSame([], (new FootprintLimit)->limits(self::pool(), Example::of(), $rulebook));
        $this->assertLimits(['depth' => 400.0], (new FootprintLimit)->limits(self::pool(), Example::of(tallRatio: 1.5), $rulebook));
    }

    /** @return iterable<string, array{?LeastHome, ?float}> claim and the length that still fits; null: no limit */
    public static function leastHomes(): iterable
    {
        yield 'nothing is claimed' => [null, null];
        yield 'as long as claimed, the glass taken off' => [new LeastHome(1820, null, null), null];
        yield 'as long as claimed within 3 %' => [new LeastHome(1875, null, null), null];
        yield 'just beyond it' => [new LeastHome(1880, null, null), self::ADULT * 1800 / 1860];
        yield 'longer than claimed' => [new LeastHome(1200, 400, null), null];
        yield 'half as long' => [new LeastHome(3620, null, null), self::ADULT / 2];
        yield 'half as wide' => [new LeastHome(1200, 1220, null), self::ADULT / 2];
        yield 'the tighter of two decides' => [new LeastHome(3620, 2420, null), self::ADULT / 4];
        yield 'as many litres' => [new LeastHome(null, null, 648), null];
        yield 'an eighth of the litres is a quarter of the length' => [new LeastHome(null, null, 8 * 648), self::ADULT / 4];
    }

    #[DataProvider('leastHomes')]
    public function test_least_home(?LeastHome $claim, ?float $expected): void
    {
        $limits = (new LeastHomeLimit)->limits(self::pool(), Example::of(needs: new HousingNeeds(leastHome: $claim)), new Rulebook);

        $this->assertLimits($expected === null ? [] : ['least-home' => $expected], $limits);
    }

    /** @return iterable<string, array{string, ?LitresNeed, ?float}> */
    public static function litres(): iterable
    {
        $need = new LitresNeed(1, 324, 648, 1296, 50);
        yield 'one who goes by room' => ['footprint', $need, null];
        yield 'nobody knows its litres' => ['litres-usual', null, null];
        yield 'just enough' => ['litres-usual', $need, self::ADULT];
        yield 'twice what the lean ask' => ['litres-lean', $need, self::ADULT * 2 ** (1 / 1.5)];
        yield 'half of what the generous ask' => ['litres-generous', $need, self::ADULT * 0.5 ** (1 / 1.5)];
        yield 'both: the usual litres' => ['both', $need, self::ADULT];
    }

    #[DataProvider('litres')]
    public function test_litres(string $method, ?LitresNeed $need, ?float $expected): void
    {
        $limits = (new LitresLimit)->limits(self::pool(), Example::of(needs: new HousingNeeds(litres: $need)), self::answering($method));

        $this->assertLimits($expected === null ? [] : ['litres' => $expected], $limits);
    }

    public function test_a_large_species_never_lives_in_less_than_the_least_litres(): void
    {
        $small = new Pool('small', Box::inside(500, 300, 490));
        $enough = new Pool('enough', Box::inside(500, 300, 510));
        $species = Example::of(needs: new HousingNeeds(litres: new LitresNeed(1, 10, 10, 10, 1)));

        $this->assertLimits(['litres' => 0.0], (new LitresLimit)->limits($small, $species, self::answering('litres-usual')));
        $this->assertGreaterThan(self::ADULT, (new LitresLimit)->limits($enough, $species, self::answering('litres-usual'))[0]->millimetres);
    }

    /** @return iterable<string, array{string, SizeRule, float}> */
    public static function binding(): iterable
    {
        yield 'room: the width' => ['footprint', SizeRule::TurningWidth, 600 / 1.3];
        yield 'litres alone' => ['litres-generous', SizeRule::Litres, self::ADULT * 0.5 ** (1 / 1.5)];
        yield 'both: the width is tighter than the usual litres' => ['both', SizeRule::TurningWidth, 600 / 1.3];
    }

    #[DataProvider('binding')]
    public function test_the_tightest_rule_binds(string $method, SizeRule $rule, float $expected): void
    {
        $limit = (new HomeLimits(self::answering($method)))->limitIn(self::system(self::pool()), self::needing());

        $this->assertSame($rule, $limit->binding);
        $this->assertEqualsWithDelta($expected, $limit->millimetres, 1e-9);
    }

    public function test_a_rule_that_is_set_aside_for_a_system_does_not_bind_there(): void
    {
        $rulebook = new Rulebook(exceptions: [new RuleException('home', 'turning-width', 'set-aside', 'It is a bend.')]);
        $limits = new HomeLimits($rulebook);

        $this->assertSame(SizeRule::SwimLength, $limits->limitIn(self::system(self::pool()), Example::of())->binding);
        $this->assertSame(SizeRule::TurningWidth, $limits->limitIn(System::ofOnePool('other', 'Other', SystemKind::Tank, Box::inside(1800, 600, 600)), Example::of())->binding);
    }

    public function test_the_roomiest_pool_of_a_system_counts(): void
    {
        $small = new Pool('small', Box::inside(900, 450, 450));

        foreach ([[$small, self::pool()], [self::pool(), $small]] as $pools) {
            $this->assertEqualsWithDelta(600 / 1.3, (new HomeLimits(new Rulebook))->limitIn(self::system(...$pools), Example::of())->millimetres, 1e-9);
        }
    }

    private static function needing(): Species
    {
        return Example::of(needs: new HousingNeeds(litres: new LitresNeed(1, 324, 648, 1296, 50)));
    }

    private static function pool(): Pool
    {
        return new Pool('home', Box::inside(1800, 600, 600));
    }

    private static function system(Pool ...$pools): System
    {
        return new System('home', 'Home', SystemKind::Tank, array_values($pools));
    }

    private static function answering(string $method): Rulebook
    {
        return (new Rulebook)->answering(RuleOption::Home, $method);
    }

    /**
     * @param  array<value-of<SizeRule>, float>  $expected
     * @param  list<HomeLimit>  $limits
     */
    private function assertLimits(array $expected, array $limits): void
    {
        $found = array_combine(
            array_map(fn (HomeLimit $limit): string => $limit->binding->value, $limits),
            array_map(fn (HomeLimit $limit): float => $limit->millimetres, $limits),
        );

        $this->assertEqualsWithDelta($expected, $found, 1e-9);
    }
}
