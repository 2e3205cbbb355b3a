<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Company\Mouthful;
use Biomegas\Facility\Fish;
use Biomegas\Planning\Company\CompanyGrid;
use Biomegas\Planning\Company\Swallowing;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'When one of two may swallow the other.')]
final readonly class SwallowingRow
{
    public function __construct(
        #[OA\Property] public int $predator,
        #[OA\Property] public int $prey,
        #[OA\Property(description: 'That it can at any time looked at.')] public float $probability,
        #[OA\Property(description: 'That it can now.')] public float $now,
        #[OA\Property(format: 'date')] public ?string $early,
        #[OA\Property(format: 'date')] public ?string $likely,
        #[OA\Property(format: 'date')] public ?string $late,
        #[OA\Property(format: 'date', description: 'From when on the prey likely no longer fits; null: it does to the end.')] public ?string $until,
        #[OA\Property(description: 'Length of this prey from which it is safe today.')] public float $safe_from_mm,
    ) {
    }

    public static function from(CompanyGrid $grid, Swallowing $swallowing, Fish $predator, Fish $prey): self
    {
        return new self(
            CompanyFish::idOf($predator), CompanyFish::idOf($prey),
            round($swallowing->probability, 3), round($swallowing->now, 3),
            $swallowing->early?->toIso(), $swallowing->likely?->toIso(), $swallowing->late?->toIso(), $swallowing->likely === null ? null : $swallowing->until?->toIso(),
            round(Mouthful::safeFrom($grid->occupant($predator), $grid->occupant($prey)), 1),
        );
    }
}
