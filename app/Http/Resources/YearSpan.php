<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Facility\Span;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Years, from and to.')]
final readonly class YearSpan
{
    public function __construct(
        #[OA\Property] public float $low,
        #[OA\Property] public float $high,
    ) {
    }

    public static function from(?Span $span): ?self
    {
        return $span === null ? null : new self($span->low, $span->high);
    }
}
