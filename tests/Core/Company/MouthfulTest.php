<?php

declare(strict_types=1);

namespace Tests\Core\Company;

use Biomegas\Company\Mouthful;
use Biomegas\Facility\Habits;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Housing\Tenant;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Kinds;

/** What fits in a mouth is food: a third of the length is common practice, no published source. */
final class MouthfulTest extends TestCase
{
    #[DataProvider('pairs')]
    public function test_what_fits_is_swallowed(bool $isSwallowed, Tenant $predator, Tenant $prey): void
    {
        $this->assertSame($isSwallowed, Mouthful::swallows($predator, $prey));
    }

    /** @return iterable<string, array{bool, Tenant, Tenant}> */
    public static function pairs(): iterable
    {
        yield 'shorter than a third' => [true, self::tenant('Moss', 300), self::tenant('Minnow', 98)];
        yield 'as long as a third' => [false, self::tenant('Moss', 300), self::tenant('Minnow', 99)];
        yield 'a wide mouth' => [true, self::tenant('Moss', 300, mouth: 0.6), self::tenant('Minnow', 170)];
        yield 'a deep body counts as longer' => [false, self::tenant('Moss', 300), self::tenant('Disc', 98, depth: 0.6)];
        yield 'a slender one not as shorter' => [false, self::tenant('Moss', 300), self::tenant('Eel', 110, depth: 0.1)];
        yield 'the largest of a shoal swallows' => [true, self::tenant('Shoal', 300, largest: 1.2), self::tenant('Minnow', 110)];
        yield 'the smallest of a shoal is swallowed' => [true, self::tenant('Moss', 300), self::tenant('Shoal', 110, largest: 1.2)];
        yield 'never itself' => [false, self::tenant('Moss', 300, mouth: 1.0), self::tenant('Moss', 300)];
    }

    private static function tenant(string $name, float $length, float $mouth = 0.33, ?float $depth = null, float $largest = 1.0): Tenant
    {
        return new Tenant($name, Kinds::of(needs: new HousingNeeds(bodyDepthRatio: $depth), habits: new Habits(mouthRatio: $mouth)), $length, 1, $largest, strtolower($name));
    }
}
