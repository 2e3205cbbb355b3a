<?php

declare(strict_types=1);

namespace Biomegas\Calendar;

/** Reads a day as keepers write it: 2026-11-03, 3.11.2026, 3/11/26, 3 Nov 2026, Nov 3, 2026. */
final readonly class DateReader
{
    private const MONTHS = ['jan' => 1, 'feb' => 2, 'mar' => 3, 'apr' => 4, 'may' => 5, 'jun' => 6, 'jul' => 7, 'aug' => 8, 'sep' => 9, 'oct' => 10, 'nov' => 11, 'dec' => 12];

    private const CENTURY = 2000;

    public function __construct(private DateOrder $order)
    {
    }

    /** @throws UnreadableDate when it is no day */
    public function read(string $typed): LocalDate
    {
        $text = trim($typed);
        if (preg_match('#^(\d{4})[./-](\d{1,2})[./-](\d{1,2})$#', $text, $part) === 1) {
            return self::day($text, (int) $part[1], (int) $part[2], (int) $part[3]);
        }
        if (preg_match('#^(\d{1,2})[./-](\d{1,2})[./-](\d{2}|\d{4})$#', $text, $part) === 1) {
            // With dots the day comes first wherever they are used.
            $dayFirst = str_contains($text, '.') || $this->order === DateOrder::DayFirst;
            [$day, $month] = $dayFirst ? [(int) $part[1], (int) $part[2]] : [(int) $part[2], (int) $part[1]];

            return self::day($text, self::year($part[3]), $month, $day);
        }
        if (preg_match('#^(\d{1,2})\.?\s*([a-z]{3})[a-z]*\.?,?\s+(\d{4})$#i', $text, $part) === 1) {
            return self::day($text, (int) $part[3], self::MONTHS[strtolower($part[2])] ?? 0, (int) $part[1]);
        }
        if (preg_match('#^([a-z]{3})[a-z]*\.?\s+(\d{1,2}),?\s+(\d{4})$#i', $text, $part) === 1) {
            return self::day($text, (int) $part[3], self::MONTHS[strtolower($part[1])] ?? 0, (int) $part[2]);
        }

        throw UnreadableDate::of($typed);
    }

    private static function year(string $text): int
    {
        return strlen($text) === 2 ? self::CENTURY + (int) $text : (int) $text;
    }

    /** @throws UnreadableDate */
    private static function day(string $typed, int $year, int $month, int $day): LocalDate
    {
        if (! checkdate($month, $day, $year)) {
            throw UnreadableDate::of($typed);
        }

        return LocalDate::fromIso(sprintf('%04d-%02d-%02d', $year, $month, $day));
    }
}
