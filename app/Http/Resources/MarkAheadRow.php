<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Planning\WeighUp\MarkAhead;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What will tell two species apart, and when.')]
final readonly class MarkAheadRow
{
    public function __construct(
        #[OA\Property(description: 'The species that the mark is of.')] public string $species,
        #[OA\Property(description: 'The one that it is told from.')] public string $other,
        #[OA\Property(description: 'In words.')] public string $marks,
        #[OA\Property] public float $shows_at_mm,
        #[OA\Property(format: 'date', description: 'When it likely is that long; null: not within ten years.')] public ?string $shows_on,
    ) {
    }

    public static function from(MarkAhead $mark): self
    {
        return new self($mark->one->commonName, $mark->other->commonName, $mark->mark->marks, $mark->mark->showsAt, $mark->shows?->toIso());
    }
}
