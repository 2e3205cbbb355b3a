<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Something that must be done before a move.')]
final readonly class PlanStepRow
{
    public function __construct(
        #[OA\Property] public string $what,
        #[OA\Property(format: 'date', description: 'The day on which to begin.')] public string $by,
    ) {
    }
}
