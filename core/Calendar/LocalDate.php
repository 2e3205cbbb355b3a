<?php

declare(strict_types=1);

namespace Biomegas\Calendar;

use Biomegas\Finding\Figure;

/** A day on the calendar of the facility, without time or time zone. */
final readonly class LocalDate implements Figure
{
    private const SECONDS_PER_DAY = 86400;

    /** The first and the last day that can be written down. */
    public const EARLIEST = '1900-01-01';

    public const LATEST = '2199-12-31';

    /** Mean length of a year, the unit of growth rates. */
    public const DAYS_PER_YEAR = 365.25;

    public const DAYS_PER_WEEK = 7;

    private function __construct(
        /** Days since 1 January 1970. */
        private int $day,
    ) {
    }

    /** @throws UnreadableDate unless the text is a day of the calendar as YYYY-MM-DD */
    public static function fromIso(string $text): self
    {
        /** @var array<string, self> $known a day is read ten thousand times from a year of meals and readings */
        static $known = [];

        return $known[$text] ??= self::read($text);
    }

    /** @throws UnreadableDate */
    private static function read(string $text): self
    {
        if (preg_match('/^((?:19|20|21)\d{2})-(\d{2})-(\d{2})$/', $text, $part) !== 1
            || ! checkdate((int) $part[2], (int) $part[3], (int) $part[1])) {
            throw UnreadableDate::of($text);
        }

        return new self(intdiv((int) gmmktime(0, 0, 0, (int) $part[2], (int) $part[3], (int) $part[1]), self::SECONDS_PER_DAY));
    }

    public function toIso(): string
    {
        return gmdate('Y-m-d', $this->day * self::SECONDS_PER_DAY);
    }

    public function plusDays(int $days): self
    {
        return new self($this->day + $days);
    }

    /** The Monday of its week, as ISO 8601 counts weeks. */
    public function monday(): self
    {
        // Day 4 was a Monday.
        return $this->plusDays(-((($this->day - 4) % 7 + 7) % 7));
    }

    /** Whole days from this day until the other: negative when the other is earlier. */
    public function daysUntil(self $other): int
    {
        return $other->day - $this->day;
    }

    public function isBefore(self $other): bool
    {
        return $this->day < $other->day;
    }

    public function isAfter(self $other): bool
    {
        return $this->day > $other->day;
    }

    public function equals(self $other): bool
    {
        return $this->day === $other->day;
    }

    public static function later(self $that, self $other): self
    {
        return $that->day >= $other->day ? $that : $other;
    }

    /** 1 for 1 January to 365 or 366. */
    public function dayOfYear(): int
    {
        return (int) gmdate('z', $this->day * self::SECONDS_PER_DAY) + 1;
    }
}
