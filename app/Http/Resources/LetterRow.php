<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A letter that is kept here.')]
final readonly class LetterRow
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $to,
        #[OA\Property] public string $subject,
        #[OA\Property] public string $text,
        #[OA\Property(format: 'date-time')] public string $sent_at,
    ) {
    }
}
