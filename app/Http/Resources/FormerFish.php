<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Losses\LossKind;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A fish or shoal that is not there any more; its sheet stays.')]
final readonly class FormerFish
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $species,
        #[OA\Property(format: 'date')] public string $arrived_on,
        #[OA\Property(format: 'date', description: 'When the last of it was gone.')] public ?string $gone_on,
        #[OA\Property(type: 'string', enum: LossKind::class, nullable: true, description: 'What the last loss was; null: it joined a shoal, or a count found nobody.')] public ?LossKind $how,
        #[OA\Property(description: 'The shoal that it joined, where that was its end.')] public ?string $joined,
    ) {
    }
}
