<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Finding\Finding;

/**
 * Whether a fish has settled. Never before the second morning with daylight
 * and one feeding seen, with all good in the last three looks; later for a
 * returned boss, a home of fighters and rays. Common practice, no published
 * source.
 */
final readonly class Settling
{
    private const GOOD_LOOKS = 3;

    private const SECOND_MORNING = 2;

    private const MORNING = 7 * 60;

    private function __construct(
        public Outcome $outcome,
        /** With the reason. */
        public Finding $finding,
    ) {
    }

    /** @param  list<Check>  $checks  by time */
    public static function of(WatchCase $case, array $checks, LocalMoment $now): self
    {
        $last = $checks === [] ? null : $checks[count($checks) - 1];
        if ($last !== null && $last->grave() !== []) {
            return new self(Outcome::TakeOut, Finding::of('watch.take_out', fish: $case->name, trouble: $last->grave()[0]));
        }
        $missing = self::missing($case, $checks, $now);

        return $missing === null
            ? new self(Outcome::Settled, Finding::of('watch.settled', fish: $case->name, looks: self::GOOD_LOOKS))
            : new self(Outcome::Watch, Finding::of('watch.not_settled', missing: $missing));
    }

    /** @param  list<Check>  $checks */
    private static function missing(WatchCase $case, array $checks, LocalMoment $now): ?Finding
    {
        $earliest = self::earliest($case);
        $looks = array_slice($checks, -self::GOOD_LOOKS);
        foreach (array_reverse($looks) as $look) {
            if (! $look->isGood()) {
                return self::trouble($look);
            }
        }

        return match (true) {
            $earliest->isAfter($now) => self::notBefore($case, $earliest->date),
            count($looks) < self::GOOD_LOOKS => Finding::of('watch.few_looks', looks: self::GOOD_LOOKS),
            array_filter($checks, fn (Check $check): bool => $check->hasEaten) === [] => Finding::of('watch.not_eaten'),
            default => null,
        };
    }

    private static function trouble(Check $look): Finding
    {
        return match (true) {
            $look->chasedBy !== null => Finding::of('watch.chased', by: $look->chasedBy, at: $look->at),
            $look->chases !== null => Finding::of('watch.chases', whom: $look->chases, at: $look->at),
            default => Finding::of('watch.trouble', trouble: $look->troubles[0]),
        };
    }

    private static function earliest(WatchCase $case): LocalMoment
    {
        $days = $case->isRay || $case->isDangerous ? $case->days() : self::SECOND_MORNING;

        return LocalMoment::at($case->began->date->plusDays($days), self::MORNING);
    }

    private static function notBefore(WatchCase $case, LocalDate $day): Finding
    {
        return match (true) {
            $case->isRay => Finding::of('watch.not_before_ray', day: $day),
            $case->isDangerous => Finding::of('watch.not_before_fighters', day: $day),
            default => Finding::of('watch.not_before', day: $day),
        };
    }
}
