<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\FacilitySettings;
use App\Models\System;
use Biomegas\Calendar\LocalDate;
use Biomegas\Water\Test\Quantity;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use stdClass;

#[OA\Schema(description: 'One quantity over time. Rows of the chart are [time, low, mean, high]: every reading with its time, or the days of longer spans.')]
final readonly class WaterChart
{
    private const EVERY_READING_DAYS = 3;

    private const MOST_READINGS = 5000;

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

        return new self(
            $quantity, $quantity->unit(), $from->toIso(), $today->toIso(),
            $days <= self::EVERY_READING_DAYS ? self::everyReading($system, $quantity, $from) : self::byDay($system, $quantity, $from),
            self::tests($system, $quantity, $from),
        );
    }

    /** @return list<array{string, float, float, float}> */
    private static function byDay(System $system, Quantity $quantity, LocalDate $from): array
    {
        $rows = DB::table('daily_readings')->where('system_id', $system->id)->where('quantity', $quantity->value)->where('day', '>=', $from->toIso())->orderBy('day')->get();

        return array_values(array_map(fn (stdClass $row): array => [$row->day, round($row->low, 3), round($row->mean, 3), round($row->high, 3)], $rows->all()));
    }

    /** @return list<array{string, float, float, float}> */
    private static function everyReading(System $system, Quantity $quantity, LocalDate $from): array
    {
        $zone = new DateTimeZone(FacilitySettings::query()->firstOrFail()->time_zone);
        $since = (new DateTimeImmutable($from->toIso(), $zone))->getTimestamp();
        $rows = DB::table('readings')->where('system_id', $system->id)->where('quantity', $quantity->value)->where('taken_at', '>=', $since)->orderBy('taken_at')->limit(self::MOST_READINGS)->get();

        return array_values(array_map(function (stdClass $row) use ($zone): array {
            $value = round($row->value, 3);

            return [(new DateTimeImmutable("@{$row->taken_at}"))->setTimezone($zone)->format('Y-m-d\TH:i:s'), $value, $value, $value];
        }, $rows->all()));
    }

    /** @return list<array{string, float}> */
    private static function tests(System $system, Quantity $quantity, LocalDate $from): array
    {
        $rows = DB::table('water_tests')->where('system_id', $system->id)->whereNull('deleted_at')->where('date', '>=', $from->toIso())
            ->whereNotNull("values->{$quantity->value}")->orderBy('date')->limit(self::MOST_READINGS)->get(['date', "values->{$quantity->value} as value"]);

        return array_values(array_map(fn (stdClass $row): array => [$row->date, (float) $row->value], $rows->all()));
    }
}
