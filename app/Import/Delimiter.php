<?php

declare(strict_types=1);

namespace App\Import;

/** What parts the cells of a line that somebody typed or pasted. */
final readonly class Delimiter
{
    private const KNOWN = ["\t", ';', ','];

    /** The one that stands in it most often: the others may stand within a cell, as a comma in a number. */
    public static function of(string $line): string
    {
        $counts = array_map(fn (string $delimiter): int => substr_count($line, $delimiter), self::KNOWN);

        return self::KNOWN[(int) array_search(max($counts), $counts, true)];
    }
}
