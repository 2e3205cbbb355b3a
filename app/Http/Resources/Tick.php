<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Sitting\Outcome;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How a task went.')]
final readonly class Tick
{
    public function __construct(
        #[OA\Property(type: 'string', enum: Outcome::class)] public Outcome $outcome,
        #[OA\Property(description: 'HH:MM')] public string $time,
        #[OA\Property] public ?string $note,
    ) {
    }
}
