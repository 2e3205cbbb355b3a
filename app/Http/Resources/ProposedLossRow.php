<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What several low counts running make likely.')]
final readonly class ProposedLossRow
{
    public function __construct(
        #[OA\Property] public int $missing,
        #[OA\Property(format: 'date')] public string $last_seen,
    ) {
    }
}
