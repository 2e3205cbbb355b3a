<?php

declare(strict_types=1);

namespace Biomegas\Planning\Agenda;

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

    /** @return list<AgendaItem> */
    public function of(AgendaKind $kind): array
    {
        return array_values(array_filter($this->items, fn (AgendaItem $item): bool => $item->kind === $kind));
    }
}
