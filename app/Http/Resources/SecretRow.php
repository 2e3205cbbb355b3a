<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A device that may post readings of one system.')]
final readonly class SecretRow
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'Whose water it measures.')] public string $system,
        #[OA\Property(description: 'When it was heard last.', format: 'date-time')] public ?string $heard_at,
    ) {
    }
}
