<?php

declare(strict_types=1);

namespace Tests\Core\Housing;

use Biomegas\Facility\Diet;
use Biomegas\Facility\Habits;
use Biomegas\Housing\Rule\SwallowingRule;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

/** Mouths that take a third of their own length; adults of half a metre. */
final class SwallowingRuleTest extends TestCase
{
    /** @return iterable<string, array{Occupant, Occupant, ?bool, ?string}> newcomer, resident, passes, the length to join from */
    public static function pairs(): iterable
    {
        $hunter = new Habits(diet: Diet::Meat);
        $of = fn (float $length, Habits $habits = new Habits, string $key = 'newcomer', bool $isFood = false): Occupant => new Occupant(ucfirst($key), Example::of(habits: $habits, key: $key), $length, 1, 1.0, $key, $isFood);
        yield 'of like size' => [$of(200), $of(200, $hunter, 'resident'), true, null];
        yield 'too small' => [$of(60), $of(200, $hunter, 'resident'), false, '6.6 cm'];
        yield 'too large for the residents' => [$of(300, $hunter), $of(60, key: 'resident'), false, null];
        yield 'it would never be large enough' => [$of(60), $of(1800, $hunter, 'resident'), false, null];
        yield 'beside a grazer' => [$of(60), $of(200, new Habits(diet: Diet::Grazer), 'resident'), true, null];
        yield 'kept as food' => [$of(60, isFood: true), $of(200, $hunter, 'resident'), true, null];
        yield 'bites pieces' => [$of(200), $of(200, new Habits(bitesPieces: true), 'resident'), false, null];
        yield 'its own shoal' => [$of(60), $of(400, $hunter), true, null];
    }

    #[DataProvider('pairs')]
    public function test_swallowing(Occupant $newcomer, Occupant $resident, ?bool $passes, ?string $from): void
    {
        $verdict = (new SwallowingRule)->judge(new HousingCase($newcomer, Example::tank('home', 300, 120), [$resident], new Rulebook));

        $this->assertSame($passes, $verdict?->passes);
        $this->assertSame($from === null ? '' : "It may join from {$from} on.", Said::of($verdict?->change));
    }

    public function test_an_empty_home_is_not_asked(): void
    {
        $this->assertNull((new SwallowingRule)->judge(new HousingCase(new Occupant('One', Example::of(), 60), Example::tank('home', 300, 120), [], new Rulebook)));
    }
}
