<?php

declare(strict_types=1);

namespace Tests\Core\Housing;

use Biomegas\Facility\Fitting;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Shape\Box;
use Biomegas\Facility\Span;
use Biomegas\Facility\Species;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Facility\WaterTemperature;
use Biomegas\Housing\Rule\ChemistryRule;
use Biomegas\Housing\Rule\FittingsRule;
use Biomegas\Housing\Rule\GroupRule;
use Biomegas\Housing\Rule\OverflowRule;
use Biomegas\Housing\Rule\Rule;
use Biomegas\Housing\Rule\SpeciesOnlyRule;
use Biomegas\Housing\Rule\TemperatureRule;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** What each rule answers at, below and above its bounds: true it passes, false it does not, null it has nothing to ask. */
final class RuleTablesTest extends TestCase
{
    /** @return iterable<string, array{?float, list<Fitting>, ?float, float, ?bool}> slot in mm, fittings, depth over length, length in mm */
    public static function overflows(): iterable
    {
        // Half as thick as deep; a usual body is 0.3 of its length deep.
        yield 'no overflow' => [null, [], null, 20, null];
        yield 'guarded' => [6, [Fitting::GuardedOverflow], null, 20, null];
        yield 'thin enough to go down' => [6, [], null, 39.9, false];
        yield 'just as thick as the slot' => [6, [], null, 40, false];
        yield 'thicker than the slot' => [6, [], null, 40.1, true];
        yield 'a flat body of the same length' => [6, [], 0.1, 100, false];
        yield 'a deep one' => [6, [], 0.5, 30, true];
    }

    /** @param  list<Fitting>  $fittings */
    #[DataProvider('overflows')]
    public function test_overflow(?float $slot, array $fittings, ?float $depth, float $length, ?bool $passes): void
    {
        $this->assertAnswer($passes, new OverflowRule, self::newcomer(Example::of(needs: new HousingNeeds(bodyDepthRatio: $depth)), length: $length), self::home(fittings: $fittings, slot: $slot));
    }

    /** @return iterable<string, array{?Span, ?WaterTemperature, ?bool}> */
    public static function temperatures(): iterable
    {
        $pond = WaterTemperature::byMonth([4, 5, 8, 12, 16, 19, 21, 21, 18, 13, 8, 5]);
        yield 'nothing is known of the species' => [null, WaterTemperature::heldAt(25), null];
        yield 'nothing is known of the water' => [new Span(22, 28), null, null];
        yield 'inside' => [new Span(22, 28), WaterTemperature::heldAt(25), true];
        yield 'at the lower end' => [new Span(25, 28), WaterTemperature::heldAt(25), true];
        yield 'at the upper end' => [new Span(22, 25), WaterTemperature::heldAt(25), true];
        yield 'colder by half a degree: no thermometer is better' => [new Span(25.5, 28), WaterTemperature::heldAt(25), true];
        yield 'warmer by half a degree' => [new Span(22, 24.5), WaterTemperature::heldAt(25), true];
        yield 'colder by more' => [new Span(25.6, 28), WaterTemperature::heldAt(25), false];
        yield 'a degree too cold' => [new Span(26, 28), WaterTemperature::heldAt(25), false];
        yield 'a degree too warm' => [new Span(20, 24), WaterTemperature::heldAt(25), false];
        yield 'all the year outdoors' => [new Span(4, 21), $pond, true];
        yield 'too cold in winter' => [new Span(5, 25), $pond, false];
        yield 'too warm in summer' => [new Span(2, 20), $pond, false];
    }

    #[DataProvider('temperatures')]
    public function test_temperature(?Span $keep, ?WaterTemperature $water, ?bool $passes): void
    {
        $this->assertAnswer($passes, new TemperatureRule, self::newcomer(Example::of(keep: $keep)), self::home($water));
    }

    /** @return iterable<string, array{Span, Span, bool}> */
    public static function sharedTemperatures(): iterable
    {
        yield 'the same' => [new Span(22, 28), new Span(22, 28), true];
        yield 'one degree in common, and it is held' => [new Span(25, 30), new Span(20, 25), true];
        yield 'nothing in common' => [new Span(26, 30), new Span(18, 24), false];
        yield 'in common, but the water is outside of it' => [new Span(20, 30), new Span(26, 30), true];
    }

    #[DataProvider('sharedTemperatures')]
    public function test_temperature_of_a_shared_home_asks_for_a_common_range_and_the_newcomers_own(Span $newcomer, Span $resident, bool $passes): void
    {
        $this->assertAnswer(
            $passes, new TemperatureRule, self::newcomer(Example::of(keep: $newcomer)), self::home(WaterTemperature::heldAt(25)),
            [new Occupant('Resident', Example::of(keep: $resident, key: 'resident'), 200)],
        );
    }

    /** @return iterable<string, array{?Span, ?float, ?bool}> */
    public static function chemistry(): iterable
    {
        yield 'nothing is wanted' => [null, 7.0, null];
        yield 'nothing is known' => [new Span(6, 7), null, null];
        yield 'inside' => [new Span(6, 7), 6.5, true];
        yield 'at the ends' => [new Span(6, 7), 7.0, true];
        yield 'below' => [new Span(6, 7), 5.9, false];
        yield 'above' => [new Span(6, 7), 7.1, false];
    }

    #[DataProvider('chemistry')]
    public function test_acidity_and_hardness(?Span $wanted, ?float $there, ?bool $passes): void
    {
        $this->assertAnswer($passes, ChemistryRule::ofAcidity(), self::newcomer(Example::of(needs: new HousingNeeds(ph: $wanted))), self::home(ph: $there));
        $this->assertAnswer($passes, ChemistryRule::ofHardness(), self::newcomer(Example::of(needs: new HousingNeeds(hardness: $wanted))), self::home(hardness: $there));
        $rule = ChemistryRule::ofAcidity();
        $this->assertTrue($rule->judge($this->case(self::newcomer(Example::of(needs: new HousingNeeds(ph: new Span(6, 7)))), self::home(ph: 8.0)))?->rule->isAdvice(), 'it is advice, and refuses nobody');
    }

    /** @return iterable<string, array{int, int, int, int, ?bool}> least group, newcomers, of their own there, others there */
    public static function groupsOf(): iterable
    {
        yield 'no group-fish' => [1, 1, 0, 0, null];
        yield 'alone' => [5, 1, 0, 0, false];
        yield 'one too few' => [5, 2, 2, 0, false];
        yield 'just enough' => [5, 2, 3, 0, true];
        yield 'enough by themselves' => [5, 6, 0, 0, true];
        yield 'others do not count' => [5, 2, 0, 20, false];
    }

    #[DataProvider('groupsOf')]
    public function test_group(int $least, int $newcomers, int $own, int $others, ?bool $passes): void
    {
        $species = Example::of(needs: new HousingNeeds(minimumGroup: $least));
        $residents = [
            ...($own > 0 ? [new Occupant('Own', $species, 80, $own)] : []),
            ...($others > 0 ? [new Occupant('Others', Example::of(key: 'others'), 80, $others)] : []),
        ];
        $this->assertAnswer($passes, new GroupRule, self::newcomer($species, $newcomers), self::home(), $residents);
    }

    /** @return iterable<string, array{bool, ?string, bool, ?bool}> a loner comes; who lives there; whether that is a loner */
    public static function loners(): iterable
    {
        yield 'a loner into an empty home' => [true, null, false, true];
        yield 'a loner to its own' => [true, 'invented', true, true];
        yield 'a loner into company' => [true, 'other', false, false];
        yield 'company to a loner' => [false, 'other', true, false];
        yield 'company to company' => [false, 'other', false, null];
        yield 'into an empty home' => [false, null, false, null];
    }

    #[DataProvider('loners')]
    public function test_species_only(bool $comes, ?string $there, bool $lives, ?bool $passes): void
    {
        $needs = fn (bool $alone): HousingNeeds => new HousingNeeds(isSpeciesOnly: $alone);
        $residents = $there === null ? [] : [new Occupant('Resident', Example::of(needs: $needs($lives), key: $there), 200)];
        $this->assertAnswer($passes, new SpeciesOnlyRule, self::newcomer(Example::of(needs: $needs($comes))), self::home(), $residents);
    }

    /** @return iterable<string, array{list<Fitting>, list<Fitting>, ?bool}> what is needed, what is there */
    public static function fittings(): iterable
    {
        yield 'nothing is needed' => [[], [], null];
        yield 'it is there, among others' => [[Fitting::Air], [Fitting::Flow, Fitting::Air], true];
        yield 'it is missing' => [[Fitting::Air], [Fitting::Flow], false];
        yield 'one of two is missing' => [[Fitting::Air, Fitting::Flow], [Fitting::Flow], false];
    }

    /**
     * @param  list<Fitting>  $needed
     * @param  list<Fitting>  $there
     */
    #[DataProvider('fittings')]
    public function test_fittings(array $needed, array $there, ?bool $passes): void
    {
        $this->assertAnswer($passes, new FittingsRule, self::newcomer(Example::of(needs: new HousingNeeds(fittings: $needed))), self::home(fittings: $there));
    }

    /** @param  list<Occupant>  $residents */
    private function assertAnswer(?bool $passes, Rule $rule, Occupant $newcomer, System $home, array $residents = []): void
    {
        $verdict = $rule->judge($this->case($newcomer, $home, $residents));

        $this->assertSame($passes, $verdict?->passes);
    }

    /** @param  list<Occupant>  $residents */
    private function case(Occupant $newcomer, System $home, array $residents = []): HousingCase
    {
        return new HousingCase($newcomer, $home, $residents, new Rulebook);
    }

    private static function newcomer(Species $species, int $count = 1, float $length = 200): Occupant
    {
        return new Occupant('Newcomer', $species, $length, $count);
    }

    /** @param  list<Fitting>  $fittings */
    private static function home(?WaterTemperature $temperature = null, array $fittings = [], ?float $slot = null, ?float $ph = null, ?float $hardness = null): System
    {
        return new System(
            'home', 'Home', SystemKind::Tank, [new Pool('home', Box::inside(1800, 600, 600))], $temperature,
            fittings: $fittings, overflowSlot: $slot, ph: $ph, hardness: $hardness,
        );
    }
}
