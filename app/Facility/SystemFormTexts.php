<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\System;
use App\Scenario\ScenarioMapper;
use Biomegas\Facility\Shape\Shape;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;

/** A system as it would be typed, in the units of the facility: what its form begins with. */
final readonly class SystemFormTexts
{
    private const MM_PER_INCH = 25.4;

    /** @return array<string, mixed> in the members of SystemRequest */
    public static function of(System $system, Units $units): array
    {
        $d = $system->description;
        $pools = $d['pools'] ?? [['shape' => $d['shape']]];
        $temperature = $d['temperature_c'] ?? null;
        $floor = array_sum(array_map(fn (array $pool): float => self::shape($pool)->floorArea(), $pools));
        $length = fn (float|int $mm): string => self::length($mm, $units);

        return [
            'name' => $system->name,
            'kind' => $system->kind,
            'walk_order' => $system->walk_order,
            'available_from' => $system->available_from,
            'pools' => array_map(fn (array $pool): array => self::pool($pool['shape'], $length), $pools),
            'temperature' => is_array($temperature) ? null : self::celsius($temperature, $units),
            'months' => is_array($temperature) ? array_map(fn (float|int $month): ?string => self::celsius($month, $units), $temperature) : null,
            'salinity' => $d['salinity'] ?? 'fresh',
            'ph' => self::bare($d['ph'] ?? null),
            'gh' => self::bare($d['gh_dgh'] ?? null),
            'fittings' => $d['fittings'] ?? [],
            'overflow_slot' => isset($d['overflow_slot_mm']) ? "{$d['overflow_slot_mm']} mm" : null,
            'sump' => self::litres($d['sump_litres'] ?? null, $units),
            'decor_floor' => ($d['decor']['area_mm2'] ?? 0) > 0 ? self::bare(100 * $d['decor']['area_mm2'] / $floor).' %' : null,
            'decor_litres' => self::litres($d['decor']['litres'] ?? null, $units),
            'decor_kilograms' => ($d['decor']['kilograms'] ?? 0) > 0 ? self::bare(round($d['decor']['kilograms'] / $units->mass->kilograms(), 2)) : null,
            'filter_media' => $d['filter']['media'] ?? null,
            'filter_litres' => self::litres($d['filter']['litres'] ?? null, $units),
            'turnover' => self::litres($d['turnover_l_h'] ?? null, $units),
            'heater_watts' => self::bare($d['heater_w'] ?? null),
            'light_on' => $d['light']['on'] ?? null,
            'light_dim' => $d['light']['dim'] ?? null,
            'light_off' => $d['light']['off'] ?? null,
            'light_window' => $d['light']['window'] ?? false,
            'weekly_change' => isset($d['weekly_change']) ? self::bare(100 * $d['weekly_change']).' %' : null,
            'source' => $d['source'] ?? null,
            'substrate' => $d['substrate'] ?? null,
            'site' => $d['site'] ?? null,
            'opening_price' => self::bare($d['opening_cost'] ?? null),
            'lead_days' => self::bare($d['lead_days'] ?? null),
            'dividers' => array_map(fn (array $divider): array => ['at' => $length($divider['at_mm']), 'from' => $divider['from'], 'until' => $divider['until'] ?? null], $d['dividers'] ?? []),
            'version' => $system->version,
        ];
    }

    /** @param  array<string, mixed>  $pool */
    private static function shape(array $pool): Shape
    {
        return ScenarioMapper::shape($pool['shape']);
    }

    /**
     * @param  array<string, mixed>  $shape
     * @param  callable(float|int): string  $length
     * @return array<string, mixed>
     */
    private static function pool(array $shape, callable $length): array
    {
        $form = ['type' => $shape['type'], 'outside' => $shape['outside'] ?? false];
        foreach (['glass', 'length', 'width', 'depth', 'diameter', 'leg_length', 'leg_width', 'bow'] as $size) {
            $form[$size] = isset($shape["{$size}_mm"]) ? $length($shape["{$size}_mm"]) : null;
        }
        $form['points'] = $shape['points_mm'] ?? null;

        return $form;
    }

    private static function length(float|int $mm, Units $units): string
    {
        return $units->length === UnitSystem::Metric ? self::bare($mm / 10).' cm' : self::bare($mm / self::MM_PER_INCH).' in';
    }

    /**
     * @param  list<float>  $celsius
     * @return list<string> as they would be typed
     */
    public static function months(array $celsius, Units $units): array
    {
        return array_map(fn (float $month): string => (string) self::celsius($month, $units), $celsius);
    }

    /**
     * @param  list<float>  $millimetres
     * @return list<string> as they would be typed
     */
    public static function lengths(array $millimetres, Units $units): array
    {
        return array_map(fn (float $mm): string => self::length($mm, $units), $millimetres);
    }

    public static function volume(float $litres, Units $units): string
    {
        return (string) self::litres($litres, $units);
    }

    private static function celsius(float|int|null $celsius, Units $units): ?string
    {
        return $celsius === null ? null : ($units->temperature === UnitSystem::Us ? self::bare($celsius * 9 / 5 + 32).' F' : self::bare($celsius));
    }

    private static function litres(float|int|null $litres, Units $units): ?string
    {
        $unit = $units->volume->volumeUnit();

        return $litres === null || $litres <= 0 ? null : self::bare($litres / $unit->litres())." {$unit->value}";
    }

    private static function bare(float|int|null $value): ?string
    {
        return $value === null ? null : rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }
}
