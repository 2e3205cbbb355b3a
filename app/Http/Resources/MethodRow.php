<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One answer to a question on which keepers disagree, and whom it would move.')]
final readonly class MethodRow
{
    /**
     * @param  list<string>  $lose
     * @param  list<string>  $gain
     * @param  list<string>  $elsewhere
     */
    public function __construct(
        #[OA\Property] public string $answer,
        #[OA\Property] public bool $is_chosen,
        #[OA\Property] public bool $is_default,
        #[OA\Property(description: 'Fish whose home would no longer do.', type: 'array', items: new OA\Items(type: 'string'))] public array $lose,
        #[OA\Property(description: 'Fish whose home would do after all.', type: 'array', items: new OA\Items(type: 'string'))] public array $gain,
        #[OA\Property(description: 'Fish that would go to another home next.', type: 'array', items: new OA\Items(type: 'string'))] public array $elsewhere,
    ) {
    }
}
