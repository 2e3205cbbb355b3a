<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: "The keeper's own word on two.")]
final readonly class OwnVerdictRow
{
    public function __construct(
        #[OA\Property(description: 'Delete it to withdraw it.')] public int $id,
        #[OA\Property] public string $reason,
    ) {
    }
}
