<?php

declare(strict_types=1);

namespace Tests\Core\Company;

use Biomegas\Company\Mouthful;
use Biomegas\Facility\Habits;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Housing\Verdict\Occupant;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

/** What fits in a mouth is food: a third of the length is common practice, no published source. */
final class MouthfulTest extends TestCase
{
    #[DataProvider('pairs')]
    public function test_what_fits_is_swallowed(bool $isSwallowed, Occupant $predator, Occupant $prey): void
    {
        $this->assertSame($isSwallowed, Mouthful::swallows($predator, $prey));
    }

    /** @return iterable<string, array{bool, Occupant, Occupant}> */
    public static function pairs(): iterable
    {
        yield 'shorter than a third' => [true, self::occupant('Moss', 300), self::occupant('Minnow', 98)];
        yield 'as long as a third' => [false, self::occupant('Moss', 300), self::occupant('Minnow', 99)];
        yield 'a wide mouth' => [true, self::occupant('Moss', 300, mouth: 0.6), self::occupant('Minnow', 170)];
        yield 'a deep body counts as longer' => [false, self::occupant('Moss', 300), self::occupant('Disc', 98, depth: 0.6)];
        yield 'a slender one not as shorter' => [false, self::occupant('Moss', 300), self::occupant('Eel', 110, depth: 0.1)];
        yield 'the largest of a shoal swallows' => [true, self::occupant('Shoal', 300, largest: 1.2), self::occupant('Minnow', 110)];
        yield 'the smallest of a shoal is swallowed' => [true, self::occupant('Moss', 300), self::occupant('Shoal', 110, largest: 1.2)];
        yield 'never itself' => [false, self::occupant('Moss', 300, mouth: 1.0), self::occupant('Moss', 300)];
    }

    private static function occupant(string $name, float $length, float $mouth = 0.33, ?float $depth = null, float $largest = 1.0): Occupant
    {
        return new Occupant($name, Example::of(needs: new HousingNeeds(bodyDepthRatio: $depth), habits: new Habits(mouthRatio: $mouth)), $length, 1, $largest, strtolower($name));
    }
}
