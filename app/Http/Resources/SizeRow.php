<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Facility\Group\SizeClass;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Those of a shoal who are of like size.')]
final readonly class SizeRow
{
    public function __construct(
        #[OA\Property(description: 'What their keeper calls them; empty: nothing.')] public string $called,
        #[OA\Property] public int $count,
        #[OA\Property(description: 'About how long each was when they were told apart.')] public float $seen_mm,
        #[OA\Property(description: 'How long each likely is today.')] public float $length_mm,
    ) {
    }

    public static function from(SizeClass $size, float $today): self
    {
        return new self($size->called, $size->count, round($size->length->millimetres(), 1), round($today, 1));
    }
}
