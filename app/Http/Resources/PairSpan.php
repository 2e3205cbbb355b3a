<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Rulebook\PairVerdict;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A time of one verdict on two.')]
final readonly class PairSpan
{
    public function __construct(
        #[OA\Property(type: 'string', enum: PairVerdict::class)] public PairVerdict $verdict,
        #[OA\Property(format: 'date')] public string $from,
        #[OA\Property(format: 'date', description: 'First day of another; null: to the end of what is looked at.')] public ?string $until,
    ) {
    }
}
