<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Brood\BroodStepKind;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A stage of a brood, or what is to be done by then.')]
final readonly class BroodStepRow
{
    public function __construct(
        #[OA\Property(type: 'string', enum: BroodStepKind::class)] public BroodStepKind $kind,
        #[OA\Property] public string $words,
        #[OA\Property(format: 'date')] public string $from,
        #[OA\Property(format: 'date')] public string $until,
        #[OA\Property(description: 'It is seen, not done.')] public bool $is_stage,
        #[OA\Property] public bool $is_done,
        #[OA\Property] public bool $is_left_out,
        #[OA\Property(description: 'The keeper has set the day.')] public bool $is_moved,
        #[OA\Property] public bool $is_due,
        #[OA\Property] public bool $is_late,
    ) {
    }
}
