<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'When one of a mix is best brought in.')]
final readonly class MixStep
{
    public function __construct(
        #[OA\Property(description: 'Below zero: it is only thought of.')] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public int $count,
        #[OA\Property(format: 'date', nullable: true, description: 'Null: never.')] public ?string $from,
        #[OA\Property(description: 'How long it is by then.')] public float $length_mm,
        #[OA\Property] public string $words,
    ) {
    }
}
