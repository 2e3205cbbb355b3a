<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

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
}
