<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Biomegas\Measure\UnitSystem;
use Biomegas\Measure\VolumeUnit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The US gallon is 231 cubic inches, the imperial one 4.54609 litres, both by definition (NIST Handbook 44, Appendix C; UK Units of Measurement Regulations 1995). */
final class VolumeUnitTest extends TestCase
{
    #[DataProvider('words')]
    public function test_reads_the_word_the_keeper_means(?float $litres, string $word, UnitSystem $units = UnitSystem::Metric): void
    {
        $unit = VolumeUnit::fromWord($word, $units);

        $litres === null ? $this->assertNull($unit) : $this->assertEqualsWithDelta($litres, $unit?->litres() ?? 0.0, 1e-12);
    }

    /** @return iterable<array{0: float|null, 1: string, 2?: UnitSystem}> */
    public static function words(): iterable
    {
        $usGallon = 231 * 0.254 ** 3;
        yield [1.0, 'Litres'];
        yield [1.0, ''];
        yield [1000.0, 'm³'];
        yield [$usGallon, 'gal'];
        yield [$usGallon, 'gal.', UnitSystem::Us];
        yield [$usGallon, '', UnitSystem::Us];
        yield [4.54609, 'gallons', UnitSystem::Imperial];
        yield [4.54609, 'imp gal', UnitSystem::Us];
        yield [$usGallon, 'US gal', UnitSystem::Imperial];
        yield [null, 'buckets'];
    }
}
