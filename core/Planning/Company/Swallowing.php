<?php

declare(strict_types=1);

namespace Biomegas\Planning\Company;

use Biomegas\Calendar\LocalDate;
use Biomegas\Numerics\StandardNormal;

/**
 * When one may swallow another, from both lengths month by month. A prey may
 * outgrow the mouth again: then the danger has an end, and it may join from
 * then on.
 */
final readonly class Swallowing
{
    /** Of the standard normal, below which nine in ten lie. */
    private const NINE_IN_TEN = 1.2816;

    /** From this probability on there is a danger to speak of. */
    private const NOTHING = 0.02;

    /** So that lengths without any spread are compared and not divided by it. */
    private const EXACT = 1e-12;

    private function __construct(
        /** That it can at any time looked at. */
        public float $probability,
        public float $now,
        /** When one in ten, half and nine in ten of what is possible have come to it; null: they do not. */
        public ?LocalDate $early,
        public ?LocalDate $likely,
        public ?LocalDate $late,
        /** From when on one in ten, half and nine in ten of what is possible can no longer be swallowed; null: to the end they can. The day looked at where they never could. */
        public ?LocalDate $safeEarly,
        public ?LocalDate $until,
        public ?LocalDate $safeLate,
        /** @var list<float> probability month by month */
        public array $monthly,
    ) {
    }

    /** Null when there is no danger to speak of. */
    public static function of(LengthTable $predator, LengthTable $prey, LocalDate $today): ?self
    {
        // Most pairs are so far apart that the months need not be looked at.
        $nearest = $predator->mostRoom - $prey->leastGirth;
        if ($nearest < 0.0 && $nearest < StandardNormal::quantile(self::NOTHING) * sqrt($predator->mostVariance + $prey->mostVariance + self::EXACT)) {
            return null;
        }
        $z = array_map(
            fn (float $room, float $girth, float $of, float $other): float => ($room - $girth) / sqrt($of + $other + self::EXACT),
            $predator->room, $prey->girth, $predator->variance, $prey->variance,
        );
        if (max($z) < StandardNormal::quantile(self::NOTHING)) {
            return null;
        }
        $monthly = array_map(StandardNormal::shareBelow(...), $z);

        return new self(
            max($monthly), $monthly[0],
            self::crossing($z, -self::NINE_IN_TEN, $today), self::crossing($z, 0.0, $today), self::crossing($z, self::NINE_IN_TEN, $today),
            self::end($z, self::NINE_IN_TEN, $today), self::end($z, 0.0, $today), self::end($z, -self::NINE_IN_TEN, $today), $monthly,
        );
    }

    /**
     * The first day on which it is reached, in a straight line between months.
     *
     * @param  array<int, float>  $z
     */
    private static function crossing(array $z, float $level, LocalDate $today): ?LocalDate
    {
        foreach ($z as $i => $value) {
            if ($value >= $level) {
                return $i === 0 ? $today : $today->plusDays((int) round(LengthTable::STEP_DAYS * ($i - ($value - $level) / max(1e-9, $value - $z[$i - 1]))));
            }
        }

        return null;
    }

    /**
     * The day after the last on which it is reached; null: it is reached at the end.
     *
     * @param  array<int, float>  $z
     */
    private static function end(array $z, float $level, LocalDate $today): ?LocalDate
    {
        $last = null;
        foreach ($z as $i => $value) {
            $last = $value >= $level ? $i : $last;
        }
        if ($last === null) {
            return $today;
        }

        return isset($z[$last + 1]) ? $today->plusDays((int) ceil(LengthTable::STEP_DAYS * ($last + ($z[$last] - $level) / max(1e-9, $z[$last] - $z[$last + 1])))) : null;
    }
}
