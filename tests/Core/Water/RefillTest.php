<?php

declare(strict_types=1);

namespace Tests\Core\Water;

use Biomegas\Finding\InvalidEntry;
use Biomegas\Water\Refill;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class RefillTest extends TestCase
{
    public function test_hot_and_cold_make_the_wanted_temperature(): void
    {
        $refill = Refill::of(1000, 0.25, 26, 10, 60, 26);

        $this->assertEqualsWithDelta(250, $refill->hotLitres + $refill->coldLitres, 1e-9);
        $this->assertEqualsWithDelta(26, ($refill->hotLitres * 60 + $refill->coldLitres * 10) / 250, 1e-9);
        $this->assertEqualsWithDelta(26, $refill->mixed, 1e-9);
        $this->assertEqualsWithDelta(4, $refill->dropIfCold, 1e-9);
        $this->assertEqualsWithDelta(12.5, $refill->dose(5), 1e-9);
    }

    public function test_cold_water_cools_by_its_share(): void
    {
        $this->assertEqualsWithDelta(22.0, Refill::of(1000, 0.25, 26, 10, 60, 10)->mixed, 1e-9);
    }

    /** @return iterable<string, array{float, float, float, float, string}> */
    public static function impossible(): iterable
    {
        yield 'nothing' => [0.0, 10, 60, 26, 'share'];
        yield 'more than all' => [1.2, 10, 60, 26, 'share'];
        yield 'hot colder than cold' => [0.2, 30, 20, 26, 'hot_c'];
        yield 'warmer than the hot water' => [0.2, 10, 24, 26, 'fill_c'];
    }

    #[DataProvider('impossible')]
    public function test_what_cannot_be_mixed_is_refused(float $share, float $cold, float $hot, float $fill, string $field): void
    {
        try {
            Refill::of(1000, $share, 26, $cold, $hot, $fill);
            $this->fail('It was not refused.');
        } catch (InvalidEntry $refused) {
            $this->assertSame($field, $refused->field);
        }
    }
}
