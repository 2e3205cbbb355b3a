<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Rulebook\RuleParameter;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A number behind the rules.')]
final readonly class RuleNumber
{
    public function __construct(
        #[OA\Property(type: 'string', enum: RuleParameter::class)] public RuleParameter $name,
        #[OA\Property] public float $value,
        #[OA\Property] public float $standard,
        #[OA\Property] public float $least,
        #[OA\Property] public float $most,
    ) {
    }
}
