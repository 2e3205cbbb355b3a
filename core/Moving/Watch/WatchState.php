<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

use Biomegas\Calendar\LocalMoment;
use Biomegas\Rulebook\Rulebook;

/** How a watch stands: whether the fish has settled, which looks are due, what to try next. */
final readonly class WatchState
{
    /** @param  list<array{Round, RoundState}>  $rounds  in order */
    private function __construct(
        public Settling $settling,
        public array $rounds,
        /** A look is due now, or one was missed and none came since. */
        public bool $isLookDue,
        /** Null: there is no chasing. */
        public ?Intervention $advice,
    ) {
    }

    /**
     * @param  list<Check>  $checks  by time
     * @param  list<TriedIntervention>  $tried  in the order tried
     */
    public static function of(WatchCase $case, array $checks, array $tried, Rulebook $rulebook, LocalMoment $now): self
    {
        $rounds = Rounds::states(Rounds::of($case), $checks, $now);
        $lastLook = $checks === [] ? $case->began : $checks[count($checks) - 1]->at;

        return new self(Settling::of($case, $checks, $now), $rounds, self::isDue($rounds, $lastLook), Ladder::next($checks, $tried, $rulebook));
    }

    public function isTakeOut(): bool
    {
        return $this->settling->outcome === Outcome::TakeOut;
    }

    /** @param  list<array{Round, RoundState}>  $rounds */
    private static function isDue(array $rounds, LocalMoment $lastLook): bool
    {
        foreach ($rounds as [$round, $state]) {
            if ($state === RoundState::Due || ($state === RoundState::Missed && $round->at->isAfter($lastLook))) {
                return true;
            }
        }

        return false;
    }
}
