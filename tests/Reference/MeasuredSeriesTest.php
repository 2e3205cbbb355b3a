<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Bench\Calibration\MeasuredSeries;
use App\Bench\Calibration\SeriesResult;
use App\Bench\Calibration\SeriesTrial;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Bands against real animals and plants, measured by others and published
 * (app/Bench/Calibration/series/README.md names each source): of the later
 * lengths about four in five must lie inside. Sets of few animals that differ
 * in the same way from their curve cannot be nearer.
 */
final class MeasuredSeriesTest extends TestCase
{
    #[DataProvider('sets')]
    public function test_half_of_the_lengths_foretell_the_others(MeasuredSeries $series, int $forecasts, float $low, float $high, float $widest): void
    {
        $result = (new SeriesTrial($series))->run();

        $this->assertSame($forecasts, $result->forecasts);
        $this->assertGreaterThanOrEqual($low, $result->coverage());
        $this->assertLessThanOrEqual($high, $result->coverage());
        $this->assertLessThanOrEqual($widest, $result->meanWidth());
    }

    /** @return iterable<string, array{MeasuredSeries, int, float, float, float}> least and greatest share inside, and widest mean logarithm of high over low */
    public static function sets(): iterable
    {
        yield 'chicks, first diet' => [MeasuredSeries::ChicksOnDietOne, 57, 0.72, 0.90, 0.20];
        yield 'chicks, other diets' => [MeasuredSeries::ChicksOnOtherDiets, 90, 0.72, 0.90, 0.20];
        // With the model before it was 0.19 wide.
        yield 'pines' => [MeasuredSeries::Loblolly, 42, 0.72, 1.0, 0.19];
        yield 'orange trees, five of them' => [MeasuredSeries::Orange, 10, 0.5, 1.0, 0.60];
        yield 'rats' => [MeasuredSeries::Rats, 48, 0.72, 0.90, 0.03];
        yield 'soybeans' => [MeasuredSeries::Soybean, 144, 0.72, 0.90, 0.40];
    }

    public function test_all_sets_together_and_short_histories(): void
    {
        $this->assertEqualsWithDelta(0.82, $this->all(null)->coverage(), 0.07);

        $short = new SeriesResult;
        foreach ([3, 4, 5] as $known) {
            $short->join($this->all($known));
        }
        $this->assertGreaterThan(0.72, $short->coverage());
        // The model before: 0.55 at a loss of 0.024.
        $this->assertLessThan(0.022, $short->loss());
    }

    private function all(?int $known): SeriesResult
    {
        $all = new SeriesResult;
        foreach (MeasuredSeries::cases() as $series) {
            $all->join((new SeriesTrial($series, $known))->run());
        }

        return $all;
    }
}
