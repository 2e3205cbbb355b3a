<?php

declare(strict_types=1);

namespace Biomegas\Losses;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Purpose;
use Biomegas\Finding\Finding;

/** How many of a shoal were believed there, day by day, what was counted, and what follows from it. */
final readonly class CountCurve
{
    /** So many low counts running make a loss: fewer may have missed some. Common practice, no published source. */
    private const MAKE_A_LOSS = 3;

    private const LATELY_DAYS = 90;

    /**
     * @param  non-empty-list<array{LocalDate, int}>  $expected  how many from which day on
     * @param  list<CountedDay>  $counted  by date
     * @param  list<CountedDay>  $low  the low counts running at the end
     */
    private function __construct(
        public array $expected,
        public array $counted,
        public array $low,
        /** Null: too few low counts. */
        public ?ProposedLoss $proposed,
        /** Null: what is missing is explained, or too few are. */
        public ?Decline $decline,
        private Purpose $purpose,
        private int $goneLately,
    ) {
    }

    /** @param  list<HeadCountEvent>  $events  in any order */
    public static function of(LocalDate $arrived, int $came, Purpose $purpose, array $events, LocalDate $today): self
    {
        usort($events, fn (HeadCountEvent $a, HeadCountEvent $b): int => [$b->date->daysUntil($a->date), $a->count !== null] <=> [0, $b->count !== null]);
        [$expected, $counted, $low, $unexplained, $there, $allThere, $lastSeen, $goneLately] = [[[$arrived, $came]], [], [], [], $came, $arrived, $arrived, 0];
        foreach ($events as $event) {
            $before = $there;
            if ($event->count === null) {
                $there = max(0, $there - $event->number);
            } else {
                $day = new CountedDay($event->date, $event->count, $event->number, $there, $event->giveOrTake);
                $counted[] = $day;
                $low = $day->isLow() ? [...$low, $day] : [];
                $there = $event->count === CountKind::AllCaught ? $event->number : $there;
                $lastSeen = $day->isLow() ? $lastSeen : $event->date;
            }
            $isMissing = $there < $before && ($event->count !== null || ! $event->isExplained);
            if ($isMissing) {
                $unexplained[] = [$event->date, $before - $there];
            } elseif ($unexplained === [] && $event->count === CountKind::AllCaught) {
                $allThere = $event->date;
            }
            $goneLately += $event->date->daysUntil($today) <= self::LATELY_DAYS ? max(0, $before - $there) : 0;
            $expected = $there === $before ? $expected : [...$expected, [$event->date, $there]];
        }

        return new self($expected, $counted, $low, $purpose === Purpose::Display ? self::proposed($low, $there, $lastSeen) : null, Decline::of($unexplained, $allThere, $today), $purpose, $goneLately);
    }

    /** @param  list<CountedDay>  $low */
    private static function proposed(array $low, int $there, LocalDate $lastSeen): ?ProposedLoss
    {
        if (count($low) < self::MAKE_A_LOSS) {
            return null;
        }
        $missing = $there - max(array_map(fn (CountedDay $day): int => $day->number, $low));

        return $missing > 0 ? new ProposedLoss($missing, $lastSeen, $low[0]->date) : null;
    }

    /** @return list<Finding> what the counts say, and what they do not say yet */
    public function findings(): array
    {
        if ($this->purpose !== Purpose::Display) {
            return $this->goneLately === 0 ? [] : [Finding::of('losses.on_purpose', purpose: $this->purpose, gone: $this->goneLately, days: self::LATELY_DAYS)];
        }

        return array_values(array_filter([$this->sayDecline(), $this->sayLow()]));
    }

    private function sayDecline(): ?Finding
    {
        return $this->decline === null ? null : Finding::of('losses.decline', missing: $this->decline->missing, since: $this->decline->since, days: $this->decline->everyDays);
    }

    private function sayLow(): ?Finding
    {
        $last = $this->low[count($this->low) - 1] ?? null;

        return match (true) {
            $last === null => null,
            $this->proposed !== null => Finding::of('losses.low.proposed', times: count($this->low), missing: $this->proposed->missing),
            default => Finding::of('losses.low.not_yet', seen: $last->number, expected: $last->expected, times: count($this->low), more: self::MAKE_A_LOSS - count($this->low)),
        };
    }

    /**
     * Those that breed in their home may be more than ever came; others cannot.
     *
     * @param  int  $everCame  with those that joined
     */
    public static function isTooMany(int $number, int $everCame, Purpose $purpose): bool
    {
        return $purpose === Purpose::Display && $number > $everCame;
    }
}
