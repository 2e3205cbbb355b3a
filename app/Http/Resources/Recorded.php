<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'An entry that was written to the log.')]
final readonly class Recorded
{
    public function __construct(
        #[OA\Property(description: 'Delete it to undo.')] public int $id,
    ) {
    }
}
