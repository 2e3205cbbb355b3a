<?php

declare(strict_types=1);

namespace App\Facility;

/** The database keeps lengths as whole tenths of a millimetre. */
final readonly class TenthMm
{
    private const PER_MM = 10;

    public static function of(?float $millimetres): ?int
    {
        return $millimetres === null ? null : (int) round($millimetres * self::PER_MM);
    }

    public static function toMm(?int $tenths): ?float
    {
        return $tenths === null ? null : $tenths / self::PER_MM;
    }
}
