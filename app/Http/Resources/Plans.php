<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The plans that there are, the newest first.')]
final readonly class Plans
{
    /** @param  list<PlanRow>  $plans */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/PlanRow'))] public array $plans,
        #[OA\Property(description: 'The one that is followed; null: none.')] public ?int $adopted_id,
    ) {
    }
}
