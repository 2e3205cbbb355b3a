<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One home on the round of a sitter.')]
final readonly class SitterHome
{
    /**
     * @param  list<string>  $look
     * @param  list<SitterFish>  $fish
     */
    public function __construct(
        #[OA\Property] public int $system_id,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'How many fish there are.')] public int $heads,
        #[OA\Property(description: 'How much food, or that there is none.')] public string $feed,
        #[OA\Property(description: 'There is food to give.')] public bool $is_fed,
        #[OA\Property(description: 'What to look at.', type: 'array', items: new OA\Items(type: 'string'))] public array $look,
        #[OA\Property(type: 'array', items: new OA\Items(ref: SitterFish::class))] public array $fish,
        #[OA\Property(ref: '#/components/schemas/Tick', nullable: true)] public ?Tick $fed,
        #[OA\Property(ref: '#/components/schemas/Tick', nullable: true)] public ?Tick $looked,
    ) {
    }
}
