<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\Keys;
use App\Language\Messages;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Planning\HomesAhead\StayAhead;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One home in the chain that a fish needs.')]
final readonly class ChainStay
{
    /**
     * @param  list<string>  $mend
     * @param  list<string>  $company
     */
    public function __construct(
        #[OA\Property] public int $system_id,
        #[OA\Property] public string $name,
        #[OA\Property(format: 'date')] public string $from,
        #[OA\Property(format: 'date', description: 'When to move it on, before it must.')] public ?string $move,
        #[OA\Property(format: 'date', description: 'The first day on which the home may hold it no longer; null: not within the horizon.')] public ?string $leave,
        #[OA\Property(description: 'Likely, at its end or as far as can be seen.')] public float $length_at_end_mm,
        #[OA\Property] public bool $is_for_life,
        #[OA\Property(description: 'What ends the stay.')] public ?string $because,
        #[OA\Property(description: 'What must be put right there.', type: 'array', items: new OA\Items(type: 'string'))] public array $mend,
        #[OA\Property(description: 'Residents with whom it may not get on.', type: 'array', items: new OA\Items(type: 'string'))] public array $company,
        #[OA\Property(description: 'The move there is written down.')] public bool $is_planned,
        #[OA\Property(description: 'So short that it is a stopgap.')] public bool $is_interim,
    ) {
    }

    public static function from(StayAhead $stay, Messages $says): self
    {
        return new self(
            Keys::id($stay->system->key), $stay->system->name, $stay->from->toIso(), $stay->move?->toIso(), $stay->leave?->toIso(), round($stay->lengthAtEnd, 1), $stay->isForLife,
            $says->sayIf($stay->because?->finding),
            array_map(fn (Verdict $verdict): string => $says->sayAll($verdict->withChange()), $stay->toMend),
            $stay->company,
            $stay->isPlanned,
            $stay->isInterim(),
        );
    }
}
