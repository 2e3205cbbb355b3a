<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One backup.')]
final readonly class BackupRow
{
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property(format: 'date-time')] public string $made_at,
        #[OA\Property] public int $bytes,
    ) {
    }
}
