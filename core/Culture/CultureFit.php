<?php

declare(strict_types=1);

namespace Biomegas\Culture;

use Biomegas\Calendar\LocalDate;
use Biomegas\Numerics\Cholesky;
use Biomegas\Numerics\LevenbergMarquardt;

/**
 * How a culture grows and how much room it has, from what was counted and taken:
 * most probable values with what is usual for its kind as prior. Between events
 * it grows freely, a harvest takes at once.
 */
final readonly class CultureFit
{
    /** How well a count of a culture is, as a spread of its logarithm. Judgement. */
    private const COUNT_SPREAD = 0.25;

    /** How far a culture strays from what is usual for its kind, and from what its keeper thinks it holds. Judgement. */
    private const GROWTH_SPREAD = 0.5;

    private const ROOM_SPREAD = 0.4;

    private const SEED_SPREAD = 0.2;

    private const STEP = 1e-5;

    /** Logarithms stay finite where a culture dies out. */
    private const LEAST = 1e-3;

    private function __construct(
        public Logistic $growth,
        /** How many there are today. */
        public float $now,
        /** Of the largest steady harvest, as a spread of its logarithm. */
        public float $spread,
        /** The last count found none: it is gone, whatever was expected. */
        public bool $isGone,
        /** @var list<array{LocalDate, float}> as it went, week by week from the start until today */
        public array $course,
    ) {
    }

    /** @param  list<CultureEvent>  $events  by date */
    public static function of(Culture $culture, array $events, LocalDate $today): self
    {
        $counts = array_values(array_filter($events, fn (CultureEvent $event): bool => $event->kind === CultureEventKind::Counted));
        // A count of none tells that it is gone, not how it grows.
        $told = array_values(array_filter($counts, fn (CultureEvent $count): bool => $count->number > 0.0));
        $prior = [log($culture->kind->usualGrowth()), log($culture->room * $culture->tanks), log($culture->seed)];
        $residuals = fn (float ...$at): array => self::residuals(array_values($at), $prior, $culture, $events, $told);
        $fitted = (new LevenbergMarquardt)->minimise(fn (array $at): array => [$residuals(...$at), self::slopes($residuals, $at)], $prior);
        $best = $fitted->parameters;
        $last = $counts === [] ? null : $counts[count($counts) - 1];
        $isGone = $last !== null && $last->number <= 0.0 && self::addedSince($events, $last->date) <= 0.0;
        $growth = new Logistic(exp($best[0]), exp($best[1]));
        $course = [];
        for ($day = $culture->started; ! $day->isAfter($today); $day = $day->plusDays(LocalDate::DAYS_PER_WEEK)) {
            $course[] = [$day, self::stockOn($best, $culture, $events, $day)];
        }

        return new self($growth, $isGone ? 0.0 : self::stockOn($best, $culture, $events, $today), self::spreadOfHarvest($fitted->normalMatrix), $isGone, $course);
    }

    /**
     * How far growth, room and seed are from what is usual, and each count from what is expected, in spreads.
     *
     * @param  array<int, float>  $at  logarithms of growth, room and seed
     * @param  array<int, float>  $prior
     * @param  list<CultureEvent>  $events
     * @param  list<CultureEvent>  $counts
     * @return list<float>
     */
    private static function residuals(array $at, array $prior, Culture $culture, array $events, array $counts): array
    {
        $off = [];
        foreach ([self::GROWTH_SPREAD, self::ROOM_SPREAD, self::SEED_SPREAD] as $i => $spread) {
            $off[] = ($at[$i] - $prior[$i]) / $spread;
        }
        foreach ($counts as $count) {
            $off[] = (log(max(self::LEAST, self::stockOn($at, $culture, $events, $count->date))) - log($count->number)) / self::COUNT_SPREAD;
        }

        return $off;
    }

    /**
     * On the evening of a day; counts do not set it.
     *
     * @param  array<int, float>  $at  logarithms of growth, room and seed
     * @param  list<CultureEvent>  $events
     */
    private static function stockOn(array $at, Culture $culture, array $events, LocalDate $day): float
    {
        $growth = new Logistic(exp($at[0]), exp($at[1]));
        [$stock, $on] = [exp($at[2]), $culture->started];
        foreach ($events as $event) {
            if ($event->date->isAfter($day)) {
                break;
            }
            if ($event->kind === CultureEventKind::Counted || $event->date->isBefore($on)) {
                continue;
            }
            $stock = $growth->after($stock, $on->daysUntil($event->date) / LocalDate::DAYS_PER_WEEK);
            $stock = max(0.0, $stock + ($event->kind === CultureEventKind::Added ? $event->number : -$event->number));
            $on = $event->date;
        }

        return $growth->after($stock, max(0, $on->daysUntil($day)) / LocalDate::DAYS_PER_WEEK);
    }

    /**
     * @param  callable(float ...): list<float>  $residuals
     * @param  array<int, float>  $at
     * @return list<list<float>> derivatives by each parameter, for each residual
     */
    private static function slopes(callable $residuals, array $at): array
    {
        $columns = [];
        foreach (array_keys($at) as $i) {
            [$more, $less] = [$at, $at];
            $more[$i] += self::STEP;
            $less[$i] -= self::STEP;
            $columns[] = array_map(fn (float $high, float $low): float => ($high - $low) / (2 * self::STEP), $residuals(...$more), $residuals(...$less));
        }

        return array_map(fn (float ...$row): array => array_values($row), ...$columns);
    }

    /** @param  list<CultureEvent>  $events */
    private static function addedSince(array $events, LocalDate $day): float
    {
        return array_sum(array_map(fn (CultureEvent $event): float => $event->kind === CultureEventKind::Added && $event->date->isAfter($day) ? $event->number : 0.0, $events));
    }

    /**
     * Of ln r + ln K: the root of (1 1 0) N⁻¹ (1 1 0)ᵀ.
     *
     * @param  array<int, array<int, float>>  $normal  the normal equations, N
     */
    private static function spreadOfHarvest(array $normal): float
    {
        $solved = Cholesky::of($normal)?->solve([1.0, 1.0, 0.0]) ?? [self::GROWTH_SPREAD ** 2, self::ROOM_SPREAD ** 2];

        return sqrt(max(0.0, $solved[0] + $solved[1]));
    }
}
