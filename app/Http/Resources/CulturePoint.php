<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How many there were on a day.')]
final readonly class CulturePoint
{
    public function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property] public float $number,
    ) {
    }
}
