<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What could be done to homes besides moving fish.')]
final readonly class MendsSheet
{
    /**
     * @param  list<MendRow>  $mends
     * @param  list<MendRow>  $wanted
     * @param  list<UnsolvedRow>  $unsolved
     */
    public function __construct(
        #[OA\Property(description: 'Of a plan that leaves days out of rule; else of things as they are.')] public bool $is_of_plan,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/MendRow'), description: 'What ends more days out of rule than the leaving of any one fish would.')] public array $mends,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/MendRow'), description: 'What homes lack for those who are or will be there.')] public array $wanted,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/UnsolvedRow'))] public array $unsolved,
    ) {
    }
}
