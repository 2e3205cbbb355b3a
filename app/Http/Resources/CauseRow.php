<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Losses\LossKind;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How many were lost in one way.')]
final readonly class CauseRow
{
    public function __construct(
        #[OA\Property(type: 'string', enum: LossKind::class)] public LossKind $kind,
        #[OA\Property(description: 'In the last year.')] public int $lately,
        #[OA\Property(description: 'Before.')] public int $before,
    ) {
    }
}
