<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrate;

use Biomegas\Calendar\LocalDate;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleParameter;
use Closure;

/**
 * How much of the nitrate by the book a system really shows: plants and
 * bacteria without oxygen take some away. Least squares over the spans between
 * neighbouring tests; in each the water is followed day by day through the
 * changes that were written down or, where none were, the usual weekly ones
 * spread evenly.
 */
final readonly class NitrateYield
{
    /** One span may be a mistake of the kit. */
    private const LEAST_SPANS = 2;

    /** Spans shorter than this tell more about the kit than about the water. */
    private const SHORTEST_DAYS = 3;

    /** A span in which the book expects less than this, mg/l, tells nothing: a pond in winter. */
    private const LEAST_EXPECTED = 1.0;

    private function __construct(
        /** Share of the nitrate by the book. */
        public float $factor,
        /** Spans between tests that it rests on. */
        public int $spans,
    ) {
    }

    /** Of a system that has not shown its own. */
    public static function byExperience(Rulebook $rulebook): self
    {
        return new self($rulebook->number(RuleParameter::NitrateYield), 0);
    }

    /** By its own tests, not by what other tanks show. */
    public function isMeasured(): bool
    {
        return $this->spans > 0;
    }

    /**
     * @param  list<array{LocalDate, float}>  $tests  day and mg/l, by date
     * @param  list<array{LocalDate, float}>  $changes  day and share, by date
     * @param  Closure(LocalDate): float  $madePerWeek  mg/l by the book, as things were on that day
     * @return self|null null with fewer than two spans between tests that lie far enough apart
     */
    public static function fit(array $tests, array $changes, Closure $madePerWeek, float $weeklyShare, float $tap): ?self
    {
        if ($tests === []) {
            return null;
        }
        $product = $square = 0.0;
        $spans = 0;
        $first = $tests[0][0];
        $byDay = [];
        foreach ($changes as [$day, $share]) {
            $byDay[$first->daysUntil($day)] = $share;
        }
        $usual = $changes === [] ? 1 - (1 - min(0.99, $weeklyShare)) ** (1 / LocalDate::DAYS_PER_WEEK) : 0.0;
        for ($i = 1; $i < count($tests); $i++) {
            [[$from, $before], [$until, $after]] = [$tests[$i - 1], $tests[$i]];
            $days = $from->daysUntil($until);
            if ($days < self::SHORTEST_DAYS) {
                continue;
            }
            $madePerDay = $madePerWeek($from->plusDays(intdiv($days, 2))) / LocalDate::DAYS_PER_WEEK;
            [$without, $byBook] = [$before - $tap, 0.0];
            for ($day = $first->daysUntil($from) + 1, $last = $day + $days; $day < $last; $day++) {
                $kept = 1 - ($byDay[$day] ?? $usual);
                $without *= $kept;
                $byBook = $kept * ($byBook + $madePerDay);
            }
            if ($byBook >= self::LEAST_EXPECTED) {
                $product += $byBook * ($after - $tap - $without);
                $square += $byBook ** 2;
                $spans++;
            }
        }

        return $spans < self::LEAST_SPANS ? null : new self(max(0.0, $product / $square), $spans);
    }
}
