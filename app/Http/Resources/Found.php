<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What a search found.')]
final readonly class Found
{
    /**
     * @param  list<FoundName>  $fish
     * @param  list<FoundName>  $systems
     * @param  list<FoundName>  $species
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: FoundName::class))] public array $fish,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FoundName::class))] public array $systems,
        #[OA\Property(type: 'array', items: new OA\Items(ref: FoundName::class))] public array $species,
        #[OA\Property] public LogSheet $log,
    ) {
    }
}
