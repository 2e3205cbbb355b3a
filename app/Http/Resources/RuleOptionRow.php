<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Rulebook\RuleOption;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A question on which keepers disagree.')]
final readonly class RuleOptionRow
{
    /** @param  list<MethodRow>  $choices */
    public function __construct(
        #[OA\Property(type: 'string', enum: RuleOption::class)] public RuleOption $question,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/MethodRow'))] public array $choices,
    ) {
    }
}
