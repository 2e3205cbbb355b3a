<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

use Biomegas\Calendar\LocalMoment;
use Biomegas\Finding\Finding;

/**
 * When to look: every two to three waking hours the first day, at first light
 * and when lamps come on the next, then daily. Common practice, no published
 * source.
 */
final readonly class Rounds
{
    /** At least so many days; longer where fights are to be expected, longest for rays. */
    public const USUAL_DAYS = 3;

    public const DANGEROUS_DAYS = 7;

    public const RAY_DAYS = 14;

    private const FIRST_DAY_MINUTES = 150;

    /** Keepers sleep. */
    private const WAKES = 7 * 60;

    private const SLEEPS = 22 * 60 + 30;

    private const FIRST_LIGHT = self::WAKES;

    private const NOON = 13 * 60;

    private const EVENING = 19 * 60;

    /** A look this near to a round counts for it. */
    private const COUNTS_WITHIN = 75;

    /** How long after its time a round is called missed. */
    private const MISSED_AFTER = 90;

    /** @return non-empty-list<Round> in order */
    public static function of(WatchCase $case): array
    {
        $rounds = [new Round($case->began->plusMinutes(15), Finding::of('watch.round.first'))];
        for ($at = $case->began->plusMinutes(self::FIRST_DAY_MINUTES); $at->date->equals($case->began->date) && $at->minute <= self::SLEEPS; $at = $at->plusMinutes(self::FIRST_DAY_MINUTES)) {
            if ($at->minute >= self::WAKES) {
                $rounds[] = new Round($at, Finding::of('watch.round.first_day'));
            }
        }
        for ($day = 1; $day <= $case->days(); $day++) {
            $date = $case->began->date->plusDays($day);
            foreach (self::timesOf($case, $day) as $minute => $why) {
                $rounds[] = new Round(LocalMoment::at($date, $minute), $why);
            }
        }

        return $rounds;
    }

    /** @return array<int, Finding> by minute of the day, why */
    private static function timesOf(WatchCase $case, int $day): array
    {
        if ($day > 1) {
            return [self::EVENING => Finding::of('watch.round.daily')];
        }
        $times = [self::FIRST_LIGHT => Finding::of('watch.round.first_light'), self::NOON => Finding::of('watch.round.second_day'), self::EVENING => Finding::of('watch.round.evening')];
        if ($case->light !== null && $case->light->on > self::FIRST_LIGHT + self::COUNTS_WITHIN) {
            $times[$case->light->on + 15] = Finding::of('watch.round.lights_on');
        }
        ksort($times);

        return $times;
    }

    /**
     * @param  non-empty-list<Round>  $rounds
     * @param  list<Check>  $checks  by time
     * @return list<array{Round, RoundState}>
     */
    public static function states(array $rounds, array $checks, LocalMoment $now): array
    {
        return array_map(function (Round $round) use ($checks, $now): array {
            $isSeen = array_filter($checks, fn (Check $check): bool => abs($round->at->minutesUntil($check->at)) <= self::COUNTS_WITHIN) !== [];

            return [$round, match (true) {
                $isSeen => RoundState::Done,
                $round->at->minutesUntil($now) > self::MISSED_AFTER => RoundState::Missed,
                $round->at->minutesUntil($now) >= 0 => RoundState::Due,
                default => RoundState::ToCome,
            }];
        }, $rounds);
    }
}
