<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Facility\SystemKind;
use Biomegas\Planning\HomesAhead\HomeToBuild;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The home that is missing for a grown one; inside sizes.')]
final readonly class Build
{
    public function __construct(
        #[OA\Property(description: 'In a few words.')] public string $what,
        #[OA\Property(format: 'date', description: 'The day it must be ready.')] public string $by,
        #[OA\Property(format: 'date', description: 'The day to begin.')] public string $begin,
        #[OA\Property] public float $length_mm,
        #[OA\Property] public float $width_mm,
        #[OA\Property] public float $litres,
        #[OA\Property(type: 'string', enum: SystemKind::class)] public SystemKind $kind,
    ) {
    }

    public static function from(HomeToBuild $build, Messages $says): self
    {
        return new self($says->phrase($build->finding()), $build->by->toIso(), $build->begin->toIso(), round($build->length), round($build->width), round($build->litres), $build->kind);
    }
}
