<?php

declare(strict_types=1);

namespace Biomegas\Planning\Agenda;

use Biomegas\Finding\Finding;

/** What is due on a day. */
final readonly class Agenda
{
    /** @var list<AgendaItem> what presses most first; late things before others, then in walking order */
    public array $items;

    /**
     * @param  list<AgendaItem|null>  $items  null: nothing is due
     * @param  list<string>  $walkingOrder  keys of the systems
     */
    public function __construct(array $items, array $walkingOrder)
    {
        $due = array_values(array_filter($items));
        $place = array_flip($walkingOrder);
        usort($due, fn (AgendaItem $left, AgendaItem $right): int => [$left->urgency(), $right->isLate, $place[$left->system] ?? 0] <=> [$right->urgency(), $left->isLate, $place[$right->system] ?? 0]);
        $this->items = $due;
    }

    /**
     * What there is to do on the round, and where to begin.
     *
     * @param  int  $homes  how many are in use
     */
    public function told(int $homes): Finding
    {
        $first = $this->items[0] ?? null;
        if ($first === null) {
            return Finding::of('today.nothing');
        }
        $parts = $this->parts();
        $places = count(array_unique(array_column($this->items, 'system')));
        foreach ($this->items as $item) {
            if ($item->name !== $first->name) {
                return Finding::of('today.round_then', parts: $parts, places: $places, homes: $homes, elsewhere: $homes - $places, first: $first->name, second: $item->name);
            }
        }

        return Finding::of('today.round', parts: $parts, places: $places, homes: $homes, elsewhere: $homes - $places, first: $first->name);
    }

    /** @return list<Finding> how many of each sort there are */
    private function parts(): array
    {
        $looks = count($this->of(AgendaKind::Watch));
        $measures = count($this->of(AgendaKind::Measure));
        $rest = count($this->items) - $looks - $measures;

        return array_values(array_filter([
            $looks === 0 ? null : Finding::of('today.to_watch', fish: $looks),
            $measures === 0 ? null : Finding::of('today.to_measure', fish: $measures),
            match (true) {
                $rest === 0 => null,
                $looks + $measures === 0 => Finding::of('today.things', things: $rest),
                default => Finding::of('today.other_things', things: $rest),
            },
        ]));
    }

    /** @return list<AgendaItem> */
    public function of(AgendaKind $kind): array
    {
        return array_values(array_filter($this->items, fn (AgendaItem $item): bool => $item->kind === $kind));
    }
}
