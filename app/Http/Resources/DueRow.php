<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\Keys;
use App\Language\Messages;
use Biomegas\Planning\Agenda\Agenda;
use Biomegas\Planning\Agenda\AgendaItem;
use Biomegas\Planning\Agenda\AgendaKind;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One thing of the round that is due.')]
final readonly class DueRow
{
    /** @param  list<string>  $inspect */
    public function __construct(
        #[OA\Property] public int $system_id,
        #[OA\Property(type: 'string', enum: AgendaKind::class)] public AgendaKind $kind,
        #[OA\Property(description: 'The fish it is about.')] public ?int $fish_id,
        #[OA\Property(description: 'Of the watch, move sheet or quarantine.')] public ?int $of_id,
        #[OA\Property(description: 'What it is about.')] public string $name,
        #[OA\Property(description: 'What is due, in words.')] public string $words,
        #[OA\Property] public bool $is_late,
        #[OA\Property(description: 'Of an inspection: what to look at.', type: 'array', items: new OA\Items(type: 'string'))] public array $inspect,
    ) {
    }

    /** @return list<self> */
    public static function all(Agenda $agenda, Messages $says): array
    {
        return array_map(fn (AgendaItem $item): self => new self(
            Keys::id($item->system), $item->kind, $item->fish === null ? null : Keys::id($item->fish), $item->record,
            $item->name, $item->what === null ? '' : $says->phrase($item->what), $item->isLate, $item->inspect,
        ), $agenda->items);
    }
}
