<?php

declare(strict_types=1);

namespace Biomegas\Calendar;

use Biomegas\Finding\Figure;

/** A day and a time on the clock of the facility. Differences are those of the clock on the wall: an hour off on the two nights of the year when it is set. */
final readonly class LocalMoment implements Figure
{
    private const MINUTES_PER_DAY = 1440;

    private function __construct(
        public LocalDate $date,
        /** After midnight, 0 to 1439. */
        public int $minute,
    ) {
    }

    public static function at(LocalDate $date, int $minute): self
    {
        $days = (int) floor($minute / self::MINUTES_PER_DAY);

        return new self($date->plusDays($days), $minute - $days * self::MINUTES_PER_DAY);
    }

    /** @throws UnreadableDate unless the text begins as YYYY-MM-DDTHH:MM */
    public static function fromIso(string $text): self
    {
        if (preg_match('/^(\d{4}-\d{2}-\d{2})T([01]\d|2[0-3]):([0-5]\d)/', $text, $part) !== 1) {
            throw UnreadableDate::of($text);
        }

        return new self(LocalDate::fromIso($part[1]), 60 * (int) $part[2] + (int) $part[3]);
    }

    public function toIso(): string
    {
        return sprintf('%sT%s', $this->date->toIso(), $this->time());
    }

    /** "08:30" */
    public function time(): string
    {
        return sprintf('%02d:%02d', intdiv($this->minute, 60), $this->minute % 60);
    }

    public function plusMinutes(int $minutes): self
    {
        return self::at($this->date, $this->minute + $minutes);
    }

    public function minutesUntil(self $other): int
    {
        return self::MINUTES_PER_DAY * $this->date->daysUntil($other->date) + $other->minute - $this->minute;
    }

    public function isAfter(self $other): bool
    {
        return $other->minutesUntil($this) > 0;
    }
}
