<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Planning\WeighUp\MarkAhead;
use Biomegas\Planning\WeighUp\PossibleLife;
use Biomegas\Planning\WeighUp\UnsureWeighUp;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A candidate that may be of several species.')]
final readonly class UnsureRow
{
    /**
     * @param  list<PossibleLifeRow>  $lives
     * @param  list<MarkAheadRow>  $marks
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/PossibleLifeRow'), description: 'The worst first.')] public array $lives,
        #[OA\Property(ref: '#/components/schemas/Band', description: 'Of a grown one, whichever it is.')] public Band $adult_mm,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/MarkAheadRow'), description: 'The first to show first.')] public array $marks,
    ) {
    }

    public static function from(UnsureWeighUp $unsure, Messages $says): self
    {
        return new self(
            array_map(fn (PossibleLife $life): PossibleLifeRow => PossibleLifeRow::from($life, $says), $unsure->lives),
            Band::from($unsure->adult),
            array_map(fn (MarkAhead $mark): MarkAheadRow => MarkAheadRow::from($mark), $unsure->marks),
        );
    }
}
