<?php

declare(strict_types=1);

namespace Biomegas\Water\Readiness;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Steps\Arrangement;

/**
 * The way to a ready home: the steps in order, each with its days counted back
 * from the day it is wanted, and the day before which it cannot be ready.
 */
final readonly class Preparation
{
    private const OWN_DAYS = 1;

    /** @param  list<ScheduledStep>  $steps  in working order */
    private function __construct(
        public array $steps,
        public LocalDate $wanted,
        /** The first day that fish can move in, with what is still to do begun today. */
        public LocalDate $notBefore,
    ) {
    }

    /**
     * @param  array<string, LocalDate>  $done  by key of the step, the day it was ticked
     * @param  array<value-of<Step>, LocalDate>  $seen  by step, the day on which the records show it
     */
    public static function of(NewHome $home, LocalDate $wanted, array $done, LocalDate $today, array $seen = [], Arrangement $arrangement = new Arrangement): self
    {
        $usual = array_values(array_filter(Step::cases(), fn (Step $step): bool => $step->appliesTo($home)));
        $steps = [];
        $end = $wanted;
        foreach (array_reverse($arrangement->over(array_map(fn (Step $step): string => $step->value, $usual))) as $arranged) {
            $step = $arranged->isOwn() ? null : Step::from($arranged->key);
            $days = $arranged->length === null ? ($step?->days($home) ?? self::OWN_DAYS) : (int) $arranged->length;
            $begin = $end->plusDays(-$days);
            array_unshift($steps, new ScheduledStep(
                $arranged->key,
                $step?->what($home) ?? Finding::of('steps.own', words: (string) $arranged->words),
                $step?->why($home),
                $days, $begin, $end->plusDays(-1),
                $done[$arranged->key] ?? $seen[$arranged->key] ?? null,
                ! isset($done[$arranged->key]) && isset($seen[$arranged->key]),
            ));
            $end = $begin;
        }

        return new self($steps, $wanted, self::earliest($steps, $today));
    }

    /** @param  list<ScheduledStep>  $steps */
    private static function earliest(array $steps, LocalDate $today): LocalDate
    {
        $days = 0;
        foreach ($steps as $step) {
            $days += $step->done === null ? $step->days : 0;
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
