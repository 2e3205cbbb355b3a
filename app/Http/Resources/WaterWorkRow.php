<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\WaterWork;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Something done to the water or the filter.')]
final readonly class WaterWorkRow
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(type: 'string', enum: ['water-change', 'rinsed', 'half-removed', 'deep-cleaned', 'scrubbed', 'chlorinated-tap'])] public string $kind,
        #[OA\Property(description: 'Of the water, with a change.')] public ?float $share,
    ) {
    }

    public static function from(WaterWork $work): self
    {
        return new self($work->id, $work->date, $work->kind, $work->share);
    }
}
