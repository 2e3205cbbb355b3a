<?php

declare(strict_types=1);

namespace Biomegas\Losses;

use Biomegas\Calendar\LocalDate;

/** How long each that ever came was kept, read from the log of all: each member of a shoal for itself. */
final class Lives
{
    /** @var array<string, int> how many are left, by record */
    private array $left = [];

    /** @var array<string, list<Lifetime>> by record */
    private array $lives = [];

    /** @param  array<string, LocalDate>  $came  by record */
    private function __construct(private readonly array $came)
    {
    }

    /**
     * @param  array<string, array{LocalDate, int}>  $arrivals  when and how many of each record came
     * @param  list<LifeEvent>  $events  in any order
     * @return array<string, list<Lifetime>> by record
     */
    public static function of(array $arrivals, array $events, LocalDate $today): array
    {
        $lives = new self(array_map(fn (array $arrival): LocalDate => $arrival[0], $arrivals));
        $lives->left = array_map(fn (array $arrival): int => $arrival[1], $arrivals);
        usort($events, fn (LifeEvent $a, LifeEvent $b): int => [$b->date->daysUntil($a->date), $a->order] <=> [0, $b->order]);
        foreach ($events as $event) {
            $lives->happen($event);
        }
        foreach ($lives->left as $record => $count) {
            $lives->end((string) $record, $today, $count, false);
        }

        return $lives->lives;
    }

    private function happen(LifeEvent $event): void
    {
        $there = $this->left[$event->of] ?? 0;
        if ($event->order < 2) {
            $this->end($event->of, $event->date, $event->isCount ? $there - $event->number : $event->number, $event->hasDied);

            return;
        }
        $this->left[$event->of] = max(0, $there - $event->number);
        if ($event->to !== null) {
            $this->left[$event->to] = ($this->left[$event->to] ?? 0) + $event->number;
        }
    }

    private function end(string $record, LocalDate $day, int $count, bool $hasDied): void
    {
        $count = min($count, $this->left[$record] ?? 0);
        if ($count > 0 && isset($this->came[$record])) {
            $this->lives[$record][] = new Lifetime(max(0, $this->came[$record]->daysUntil($day)), $hasDied, $count);
            $this->left[$record] -= $count;
        }
    }
}
