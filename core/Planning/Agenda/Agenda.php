<?php

declare(strict_types=1);

namespace Biomegas\Planning\Agenda;

/** What is due on a day. */
final readonly class Agenda
{
    /** @var list<AgendaItem> in walking order; late things first at each system */
    public array $items;

    /**
     * @param  list<AgendaItem|null>  $items  null: nothing is due
     * @param  list<string>  $walkingOrder  keys of the systems
     */
    public function __construct(array $items, array $walkingOrder)
    {
        $due = array_values(array_filter($items));
        $place = array_flip($walkingOrder);
        usort($due, fn (AgendaItem $left, AgendaItem $right): int => [$place[$left->system] ?? 0, $right->isLate] <=> [$place[$right->system] ?? 0, $left->isLate]);
        $this->items = $due;
    }

    /** @return list<AgendaItem> */
    public function of(AgendaKind $kind): array
    {
        return array_values(array_filter($this->items, fn (AgendaItem $item): bool => $item->kind === $kind));
    }
}
