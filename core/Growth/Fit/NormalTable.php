<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Fixed standard normal numbers, the same at every call, so that two
 * projections of one fish differ only by what was changed between them.
 */
final class NormalTable
{
    private const SEED = 20270301;

    private const RESOLUTION = 2 ** 53;

    /** @var array<string, list<list<float>>> */
    private static array $tables = [];

    /** @return list<list<float>> rows of independent standard normals */
    public static function of(int $rows, int $columns): array
    {
        return self::$tables["{$rows}x{$columns}"] ??= self::make($rows, $columns);
    }

    /** @return list<list<float>> */
    private static function make(int $rows, int $columns): array
    {
        $random = new Randomizer(new Mt19937(self::SEED));
        $table = [];
        for ($i = 0; $i < $rows; $i++) {
            $row = [];
            for ($j = 0; $j < $columns; $j++) {
                $row[] = self::normal($random);
            }
            $table[] = $row;
        }

        return $table;
    }

    /** Box and Muller (1958). */
    private static function normal(Randomizer $random): float
    {
        $radius = sqrt(-2 * log($random->getInt(1, self::RESOLUTION) / self::RESOLUTION));

        return $radius * cos(2 * M_PI * $random->getInt(1, self::RESOLUTION) / self::RESOLUTION);
    }
}
