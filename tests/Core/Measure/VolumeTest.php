<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Biomegas\Measure\ShareWords;
use Biomegas\Measure\Spoken;
use Biomegas\Measure\UnitSystem;
use Biomegas\Measure\UnreadableVolume;
use Biomegas\Measure\VolumeReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class VolumeTest extends TestCase
{
    /** @return iterable<string, array{string, UnitSystem, float}> exact by definition: the US gallon is 231 cubic inches, the imperial 4.54609 l */
    public static function typed(): iterable
    {
        yield 'litres' => ['284', UnitSystem::Metric, 284.0];
        yield 'a US gallon' => ['1 gal', UnitSystem::Us, 231 * 25.4 ** 3 / 1e6];
        yield 'gallons without saying so' => ['75', UnitSystem::Us, 283.90588];
        yield 'gallons in a metric facility' => ['75 gal', UnitSystem::Metric, 283.90588];
        yield 'an imperial gallon' => ['1 gal', UnitSystem::Imperial, 4.54609];
        yield 'imperial ones elsewhere' => ['2 imp gal', UnitSystem::Us, 9.09218];
        yield 'cubic metres' => ['1,2 m3', UnitSystem::Metric, 1200.0];
        yield 'nothing' => ['0 l', UnitSystem::Metric, 0.0];
    }

    #[DataProvider('typed')]
    public function test_reads_volumes(string $typed, UnitSystem $units, float $litres): void
    {
        $this->assertEqualsWithDelta($litres, (new VolumeReader($units))->read($typed), 1e-4);
    }

    #[TestWith(['a lot'])]
    #[TestWith(['-5 l'])]
    #[TestWith(['5 buckets'])]
    #[TestWith([''])]
    public function test_says_what_is_no_volume(string $typed): void
    {
        $this->expectException(UnreadableVolume::class);
        (new VolumeReader(UnitSystem::Metric))->read($typed);
    }

    public function test_volumes_are_said_in_the_facility_s_unit(): void
    {
        $this->assertSame('1 000 l', (new Spoken(UnitSystem::Metric))->litres(1000));
        $this->assertSame('75 gal', (new Spoken(UnitSystem::Us))->litres(283.9));
        $this->assertSame('62 imp gal', (new Spoken(UnitSystem::Imperial))->litres(283.9));
    }

    #[TestWith([0.30, 'a third'])]
    #[TestWith([0.25, 'a quarter'])]
    #[TestWith([0.26, '30 %'])]
    #[TestWith([0.47, 'half'])]
    #[TestWith([0.42, '45 %'])]
    #[TestWith([0.0, 'a twentieth'])]
    #[TestWith([0.97, 'all of it'])]
    public function test_shares_are_rounded_up_to_what_keepers_say(float $share, string $words): void
    {
        $this->assertSame($words, ShareWords::atLeast($share));
    }
}
