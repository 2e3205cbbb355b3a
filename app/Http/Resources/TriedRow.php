<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use App\Models\WatchIntervention;
use Biomegas\Moving\Watch\Success;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'An intervention that was tried, and what came of it.')]
final readonly class TriedRow
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $words,
        #[OA\Property] public string $at,
        #[OA\Property(description: 'If it is still chased then, take it out.')] public ?string $stop_at,
        #[OA\Property(type: 'string', nullable: true, enum: Success::class)] public ?Success $success,
    ) {
    }

    public static function from(WatchIntervention $intervention, Messages $says): self
    {
        return new self($intervention->id, $says->label($intervention->intervention), $intervention->at, $intervention->stop_at, $intervention->success);
    }
}
