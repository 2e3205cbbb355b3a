<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Something to look at regularly in a species.')]
final readonly class Inspection
{
    public function __construct(
        #[OA\Property] public string $what,
        #[OA\Property] public int $every_days,
    ) {
    }
}
