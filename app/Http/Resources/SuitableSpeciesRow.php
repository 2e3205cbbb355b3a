<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Housing\Verdict;
use Biomegas\Planning\Search\Fit;
use Biomegas\Planning\Search\SuitableSpecies;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A kind that could live in a home, or could not, and why.')]
final readonly class SuitableSpeciesRow
{
    /** @param  list<string>  $mend */
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/SpeciesRow')] public SpeciesRow $kind,
        #[OA\Property(type: 'string', enum: Fit::class)] public Fit $fit,
        #[OA\Property(format: 'date', description: 'The first day on which it may have to leave; null with "until": beyond ten years.')] public ?string $until,
        #[OA\Property(description: 'The least number in which it is kept.')] public int $least,
        #[OA\Property(description: 'The greatest number that could live there for life.')] public int $most,
        #[OA\Property(description: 'What ends its stay or forbids it.')] public ?string $because,
        #[OA\Property(description: 'What must be put right first.', type: 'array', items: new OA\Items(type: 'string'))] public array $mend,
    ) {
    }

    public static function from(SuitableSpecies $lodger, SpeciesRow $kind): self
    {
        return new self(
            $kind, $lodger->fit, $lodger->until?->toIso(), $lodger->least, $lodger->most,
            $lodger->because?->inWords(),
            array_map(fn (Verdict $one): string => (string) $one->change, $lodger->toMend),
        );
    }
}
