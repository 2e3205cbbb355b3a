<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Company\Aggression\Attempt;
use Biomegas\Moving\Watch\Intervention;
use Biomegas\Moving\Watch\Success;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What was done against chasing, and whether it helped.')]
final readonly class AttemptRow
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(type: 'string', enum: Intervention::class)] public Intervention $intervention,
        #[OA\Property] public string $words,
        #[OA\Property] public string $date,
        #[OA\Property(type: 'string', nullable: true, enum: Success::class, description: 'Null: not known yet.')] public ?Success $success,
    ) {
    }

    public static function from(int $id, Attempt $attempt, Messages $says): self
    {
        return new self($id, $attempt->intervention, $says->label($attempt->intervention), $attempt->date->toIso(), $attempt->success);
    }
}
