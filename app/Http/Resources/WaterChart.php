<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\WaterHistory;
use App\Models\System;
use Biomegas\Calendar\LocalDate;
use Biomegas\Water\Test\Quantity;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One quantity over time. Rows of the chart are [time, low, mean, high]: every reading with its time, or the days of longer spans.')]
final readonly class WaterChart
{
    private const EVERY_READING_DAYS = 3;

    /**
     * @param  list<array{string, float, float, float}>  $readings
     * @param  list<array{string, float}>  $tests
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: Quantity::class)] public Quantity $quantity,
        #[OA\Property] public string $unit,
        #[OA\Property(format: 'date')] public string $from,
        #[OA\Property(format: 'date')] public string $until,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items, minItems: 4, maxItems: 4))] public array $readings,
        #[OA\Property(description: 'Tests by hand: day and value.', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items, minItems: 2, maxItems: 2))] public array $tests,
    ) {
    }

    public static function of(System $system, Quantity $quantity, LocalDate $today, int $days): self
    {
        $from = $today->plusDays(1 - $days);
        $history = new WaterHistory($system, $quantity);

        return new self(
            $quantity, $quantity->unit(), $from->toIso(), $today->toIso(),
            $days <= self::EVERY_READING_DAYS ? $history->everyReading($from) : $history->byDay($from),
            $history->tests($from),
        );
    }
}
