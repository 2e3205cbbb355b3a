<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Facility\Fish;
use Biomegas\Rulebook\Method;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The newest measured length.')]
final readonly class LastLength
{
    public function __construct(
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property] public float $length_mm,
        #[OA\Property(type: 'string', enum: Method::class)] public Method $method,
    ) {
    }

    public static function of(Fish $fish): ?self
    {
        $last = $fish->lastLength();

        return $last === null ? null : new self($last->date->toIso(), round($last->length->millimetres(), 1), $last->method);
    }
}
