<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Housing\Verdict\Verdict;
use Biomegas\Planning\Search\Fit;
use Biomegas\Planning\Search\SuitableSpecies;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A species that could live in a home, or could not, and why.')]
final readonly class SuitableSpeciesRow
{
    /** @param  list<string>  $mend */
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/SpeciesRow')] public SpeciesRow $species,
        #[OA\Property(type: 'string', enum: Fit::class)] public Fit $fit,
        #[OA\Property(format: 'date', description: 'The first day on which it may have to leave; null with "until": beyond ten years.')] public ?string $until,
        #[OA\Property(description: 'The least number in which it is kept.')] public int $least,
        #[OA\Property(description: 'The greatest number that could live there for life.')] public int $most,
        #[OA\Property(description: 'What ends its stay or forbids it.')] public ?string $because,
        #[OA\Property(description: 'What must be put right first.', type: 'array', items: new OA\Items(type: 'string'))] public array $mend,
        #[OA\Property(description: 'Smaller it would be swallowed there; null: as it is sold it may come.')] public ?float $join_from_mm,
    ) {
    }

    public static function from(SuitableSpecies $found, SpeciesRow $species, Messages $says): self
    {
        return new self(
            $species, $found->fit, $found->until?->toIso(), $found->least, $found->most,
            $found->because === null ? null : $says->sayAll($found->because->withChange()),
            array_values(array_filter(array_map(fn (Verdict $verdict): ?string => $says->sayIf($verdict->change), $found->toMend))),
            $found->joinFrom === null ? null : round($found->joinFrom, 1),
        );
    }
}
