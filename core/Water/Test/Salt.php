<?php

declare(strict_types=1);

namespace Biomegas\Water\Test;

/**
 * Salinity from what keepers measure. Sea water of 35 ppt has a specific
 * gravity of 1.0264 (25/25 °C) and conducts 53.09 mS/cm at 25 °C by the
 * practical salinity scale of 1978 (UNESCO 1983; figures from memory). In
 * between a power law follows that scale.
 */
final readonly class Salt
{
    private const SEA_PPT = 35.0;

    private const SEA_GRAVITY = 1.0264;

    private const SEA_CONDUCTIVITY = 53.09;

    private const CONDUCTIVITY_POWER = 1.09;

    private const LEAST_GRAVITY = 1.002;

    private const MOST_GRAVITY = 1.05;

    /** No water of a fish house holds just so much salt as this number says: it was read from a hydrometer. */
    public static function isGravity(float $number): bool
    {
        return $number >= self::LEAST_GRAVITY && $number <= self::MOST_GRAVITY;
    }

    /** Parts per thousand; null: no gravity of water. */
    public static function ofGravity(float $gravity): ?float
    {
        return $gravity < 1.0 || $gravity > self::MOST_GRAVITY ? null : self::SEA_PPT * ($gravity - 1) / (self::SEA_GRAVITY - 1);
    }

    /** @param  float  $milliSiemens  mS/cm at 25 °C */
    public static function ofConductivity(float $milliSiemens): float
    {
        return self::SEA_PPT * ($milliSiemens / self::SEA_CONDUCTIVITY) ** self::CONDUCTIVITY_POWER;
    }
}
