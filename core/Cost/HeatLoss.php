<?php

declare(strict_types=1);

namespace Biomegas\Cost;

use Biomegas\Facility\Fitting;
use Biomegas\Facility\Pool;
use Biomegas\Facility\Shape\Shape;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;

/**
 * The heat that water warmer than the room gives off: Q = U A ΔT through its
 * walls and its surface; its floor stands on something. Newton's law of cooling
 * with overall coefficients, as in any textbook on heat transfer.
 */
final readonly class HeatLoss
{
    private const SQUARE_MM_PER_M2 = 1e6;

    /** One pane of glass between still air and water, W/(m² K): 5.8 is the nominal value of single glazing in EN 673, from memory. */
    private const GLASS = 5.8;

    /** A wall of plastic or concrete, W/(m² K). From memory, no published source. */
    private const WALL = 3.0;

    /** Open water, which also cools by evaporating, W/(m² K). From memory, no published source. */
    private const OPEN_WATER = 15.0;

    /** @return float W; 0 when the water is not warmer than the room */
    public static function watts(System $system, float $celsius, float $room): float
    {
        $surface = $system->has(Fitting::Lid) ? self::GLASS : self::OPEN_WATER;
        $perKelvin = array_sum(array_map(
            fn (Pool $pool): float => $surface * $pool->shape->floorArea() + self::wall($system->kind) * self::walls($pool->shape),
            $system->pools,
        )) / self::SQUARE_MM_PER_M2;

        return max(0.0, $celsius - $room) * $perKelvin;
    }

    /** Of a pond they are earth. */
    private static function wall(SystemKind $kind): float
    {
        return match ($kind) {
            SystemKind::Tank => self::GLASS,
            SystemKind::Vat => self::WALL,
            SystemKind::Pond => 0.0,
        };
    }

    /** Square millimetres. */
    private static function walls(Shape $shape): float
    {
        $outline = $shape->outline();
        $around = 0.0;
        foreach ($outline as $i => [$x, $y]) {
            [$nextX, $nextY] = $outline[($i + 1) % count($outline)];
            $around += hypot($nextX - $x, $nextY - $y);
        }

        return $around * $shape->depth();
    }
}
