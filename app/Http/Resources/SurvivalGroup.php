<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'How long those of one group live.')]
final readonly class SurvivalGroup
{
    /** @param  list<SurvivalRow>  $steps */
    public function __construct(
        #[OA\Property(nullable: true, description: 'Null: it is not known of which group they are.')] public ?string $name,
        #[OA\Property] public int $came,
        #[OA\Property] public int $deaths,
        #[OA\Property(nullable: true, description: 'Null: they are too few to conclude from.')] public ?string $sentence,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/SurvivalRow'), description: 'None where they are too few to conclude from.')] public array $steps,
    ) {
    }
}
