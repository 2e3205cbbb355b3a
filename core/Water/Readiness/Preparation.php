<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Calendar\LocalDate;

/**
 * The way to a ready home: the steps in order, each with its days counted back
 * from the day it is wanted, and the day before which it cannot be ready.
 */
final readonly class Preparation
{
    /** @param  non-empty-list<ScheduledStep>  $steps  in working order */
    private function __construct(
        public array $steps,
        public LocalDate $wanted,
        /** The first day that fish can move in, with what is still to do begun today. */
        public LocalDate $notBefore,
    ) {
    }

    /** @param  array<value-of<Step>, LocalDate>  $done  by step, the day it was done */
    public static function of(NewHome $home, LocalDate $wanted, array $done, LocalDate $today): self
    {
        $steps = [];
        $end = $wanted;
        foreach (array_reverse(Step::cases()) as $step) {
            if ($step->appliesTo($home)) {
                $begin = $end->plusDays(-$step->days($home));
                array_unshift($steps, new ScheduledStep($step, $begin, $end->plusDays(-1), $done[$step->value] ?? null));
                $end = $begin;
            }
        }
        /** @var non-empty-list<ScheduledStep> $steps every home is at least filled and tested */

        return new self($steps, $wanted, self::earliest($home, $steps, $today));
    }

    /** @param  non-empty-list<ScheduledStep>  $steps */
    private static function earliest(NewHome $home, array $steps, LocalDate $today): LocalDate
    {
        $days = 0;
        foreach ($steps as $step) {
            $days += $step->done === null ? $step->step->days($home) : 0;
        }

        return $today->plusDays($days);
    }

    public function isLate(): bool
    {
        return $this->notBefore->isAfter($this->wanted);
    }

    /** What comes next; null when all is done. */
    public function next(): ?ScheduledStep
    {
        foreach ($this->steps as $step) {
            if ($step->done === null) {
                return $step;
            }
        }

        return null;
    }

    public function isReady(): bool
    {
        return $this->next() === null;
    }
}
