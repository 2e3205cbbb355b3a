<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

use Biomegas\Calendar\LocalMoment;

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
        /** In words, with the reason. */
        public string $sentence,
    ) {
    }

    /** @param  list<Check>  $checks  by time */
    public static function of(WatchCase $case, array $checks, LocalMoment $now): self
    {
        $last = $checks === [] ? null : $checks[count($checks) - 1];
        if ($last !== null && $last->grave() !== []) {
            return new self(Outcome::TakeOut, "Take {$case->name} out now: it {$last->grave()[0]->trouble()}.");
        }
        $missing = self::missing($case, $checks, $now);

        return $missing === null
            ? new self(Outcome::Settled, "{$case->name} has settled: all was good in the last three looks, and it was seen eating.")
            : new self(Outcome::Watch, "Not settled yet: {$missing}");
    }

    /** @param  list<Check>  $checks */
    private static function missing(WatchCase $case, array $checks, LocalMoment $now): ?string
    {
        $earliest = self::earliest($case);
        $looks = array_slice($checks, -self::GOOD_LOOKS);
        foreach (array_reverse($looks) as $look) {
            if (! $look->isGood()) {
                return $look->chasedBy !== null ? "{$look->chasedBy} chased it at {$look->at->time()}." : "it {$look->troubles[0]->trouble()}.";
            }
        }

        return match (true) {
            $earliest->isAfter($now) => "not before {$earliest->date->inWords()}".self::why($case).'.',
            count($looks) < self::GOOD_LOOKS => 'it wants three good looks running.',
            array_filter($checks, fn (Check $one): bool => $one->hasEaten) === [] => 'it has not been seen eating.',
            default => null,
        };
    }

    private static function earliest(WatchCase $case): LocalMoment
    {
        $days = $case->isRay || $case->isDangerous ? $case->days() : self::SECOND_MORNING;

        return LocalMoment::at($case->began->date->plusDays($days), self::MORNING);
    }

    private static function why(WatchCase $case): string
    {
        return match (true) {
            $case->isRay => ', for a ray takes up to two weeks',
            $case->isDangerous => ', for its company fights',
            default => ', the second morning',
        };
    }
}
