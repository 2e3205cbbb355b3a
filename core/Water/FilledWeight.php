<?php

declare(strict_types=1);

namespace Biomegas\Water;

use Biomegas\Facility\Pool;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;

/**
 * What a filled system weighs and how hard it presses on its floor. For
 * orientation: whether a floor bears it, an engineer decides.
 */
final readonly class FilledWeight
{
    /** Glass weighs 2.5 kg per square metre and millimetre. */
    private const GLASS_KG_PER_M2_MM = 2.5;

    /** Usual glass of a tank by the height of its water, millimetres. Common practice, no published source. */
    private const GLASS_MM = 12.0;

    private const STAND_SHARE = 0.05;

    /** A floor of a dwelling is usually built for about this much spread over a room, kg/m². Common practice; local codes differ. */
    private const USUAL_FLOOR = 150.0;

    private function __construct(
        /** Kilograms, with glass, stand and decor; ponds without the ground. */
        public float $kilograms,
        /** Kilograms on each square metre that it stands on. */
        public float $perSquareMetre,
    ) {
    }

    public static function of(System $system): self
    {
        $floor = array_sum(array_map(fn (Pool $pool): float => $pool->shape->floorArea(), $system->pools)) / 1e6;
        $walls = $system->kind === SystemKind::Tank ? self::glass($system) : 0.0;
        $standing = $system->litres() + $system->equipment->decorKilograms + $walls;
        $kilograms = $standing + ($system->kind === SystemKind::Tank ? self::STAND_SHARE * $standing : 0.0);

        return new self($kilograms, $kilograms / $floor);
    }

    /** Ponds lie on the ground; what presses harder than a usual floor is built for wants an engineer. */
    public function wantsAnEngineer(SystemKind $kind): bool
    {
        return $kind !== SystemKind::Pond && $this->perSquareMetre > self::USUAL_FLOOR;
    }

    private static function glass(System $system): float
    {
        $squareMetres = array_sum(array_map(fn (Pool $pool): float => ($pool->shape->floorArea() + self::edge($pool) * $pool->shape->depth()) / 1e6, $system->pools));

        return $squareMetres * self::GLASS_MM * self::GLASS_KG_PER_M2_MM;
    }

    private static function edge(Pool $pool): float
    {
        $outline = $pool->shape->outline();
        $edge = 0.0;
        foreach ($outline as $i => [$x, $y]) {
            [$nextX, $nextY] = $outline[($i + 1) % count($outline)];
            $edge += hypot($nextX - $x, $nextY - $y);
        }

        return $edge;
    }
}
