<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A probe that was just added, with the token it signs in with: shown this once.')]
final readonly class NewProbe
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $token,
    ) {
    }
}
