<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Biomegas\Measure\FlowReader;
use Biomegas\Measure\UnitSystem;
use Biomegas\Measure\UnreadableVolume;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FlowReaderTest extends TestCase
{
    private const GALLON = 3.785411784;

    /** @return iterable<string, array{UnitSystem, string, float}> litres an hour */
    public static function flows(): iterable
    {
        yield 'litres an hour' => [UnitSystem::Metric, '950 l/h', 950];
        yield 'spelt out' => [UnitSystem::Metric, '950 l per hour', 950];
        yield 'bare' => [UnitSystem::Metric, '950', 950];
        yield 'cubic metres' => [UnitSystem::Metric, '1.2 m3/h', 1200];
        yield 'a minute' => [UnitSystem::Metric, '16 l/min', 960];
        yield 'short' => [UnitSystem::Metric, '950 lph', 950];
        yield 'gallons an hour' => [UnitSystem::Us, '250 gph', 250 * self::GALLON];
        yield 'gallons, in a metric house' => [UnitSystem::Metric, '250 gph', 250 * self::GALLON];
        yield 'gallons, spelt with a stroke' => [UnitSystem::Us, '250 gal/hr', 250 * self::GALLON];
        yield 'bare, where gallons are usual' => [UnitSystem::Us, '250', 250 * self::GALLON];
    }

    #[DataProvider('flows')]
    public function test_reads(UnitSystem $units, string $typed, float $expected): void
    {
        $this->assertEqualsWithDelta($expected, (new FlowReader($units))->read($typed), 1e-6);
    }

    public function test_what_is_no_flow_is_refused(): void
    {
        $this->expectException(UnreadableVolume::class);
        (new FlowReader(UnitSystem::Metric))->read('950 knots');
    }
}
