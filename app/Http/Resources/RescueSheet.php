<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A system fails: everybody out of it now.')]
final readonly class RescueSheet
{
    /** @param  list<RescueRow>  $fish */
    public function __construct(
        #[OA\Property] public string $system,
        #[OA\Property(description: 'Minutes until they are in trouble if the water stands still; null: nobody is there, or longer than a day.')] public ?int $minutes_left,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/RescueRow'), description: 'In the order in which they are caught.')] public array $fish,
    ) {
    }
}
