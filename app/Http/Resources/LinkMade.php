<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A link that is shown once: whoever has it may come in.')]
final readonly class LinkMade
{
    public function __construct(
        #[OA\Property] public string $url,
    ) {
    }
}
