<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\FacilitySettings;
use App\Models\System;
use App\Models\WaterTest;
use Biomegas\Calendar\LocalDate;
use Biomegas\Water\Test\Quantity;
use DateTimeImmutable;
use DateTimeZone;
use Illuminate\Support\Facades\DB;
use stdClass;

/** One quantity of the water of one system as it was over time, for the eye. */
final readonly class WaterHistory
{
    private const MOST = 5000;

    public function __construct(private System $system, private Quantity $quantity)
    {
    }

    /** @return list<array{string, float, float, float}> day, least, mean and most of each day of a probe */
    public function byDay(LocalDate $from): array
    {
        $rows = DB::table('daily_readings')->where('system_id', $this->system->id)->where('quantity', $this->quantity->value)->where('day', '>=', $from->toIso())->orderBy('day')->get();

        return array_values($rows->map(fn (stdClass $row): array => [$row->day, round($row->low, 3), round($row->mean, 3), round($row->high, 3)])->all());
    }

    /** @return list<array{string, float, float, float}> moment of the facility and the value, thrice */
    public function everyReading(LocalDate $from): array
    {
        $zone = new DateTimeZone(FacilitySettings::query()->firstOrFail()->time_zone);
        $since = (new DateTimeImmutable($from->toIso(), $zone))->getTimestamp();
        $rows = DB::table('readings')->where('system_id', $this->system->id)->where('quantity', $this->quantity->value)->where('taken_at', '>=', $since)->orderBy('taken_at')->limit(self::MOST)->get();

        return array_values($rows->map(function (stdClass $row) use ($zone): array {
            $value = round($row->value, 3);

            return [(new DateTimeImmutable("@{$row->taken_at}"))->setTimezone($zone)->format('Y-m-d\TH:i:s'), $value, $value, $value];
        })->all());
    }

    /** @return list<array{string, float}> day and value of each test by hand */
    public function tests(LocalDate $from): array
    {
        $tests = $this->system->waterTests()->where('date', '>=', $from->toIso())->whereNotNull("values->{$this->quantity->value}")->orderBy('date')->limit(self::MOST)->get();

        return array_values($tests->map(fn (WaterTest $test): array => [$test->date, (float) $test->values[$this->quantity->value]])->all());
    }
}
