<?php

declare(strict_types=1);

namespace App\Http\Resources;

use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A fish or a system for which one rule is other than for the rest.')]
final readonly class RuleExceptionRow
{
    public function __construct(
        #[OA\Property(type: 'string', enum: ['fish', 'system'])] public string $of,
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'A question of the rulebook, or a rule of housing.')] public string $rule,
        #[OA\Property(description: 'An answer to the question, or "set-aside".')] public string $answer,
        #[OA\Property] public string $reason,
    ) {
    }
}
