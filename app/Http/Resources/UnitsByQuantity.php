<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'In which system each quantity is shown and typed.')]
final readonly class UnitsByQuantity
{
    public function __construct(
        #[OA\Property(type: 'string', enum: UnitSystem::class)] public UnitSystem $length,
        #[OA\Property(type: 'string', enum: UnitSystem::class)] public UnitSystem $volume,
        #[OA\Property(type: 'string', enum: UnitSystem::class)] public UnitSystem $temperature,
        #[OA\Property(type: 'string', enum: UnitSystem::class)] public UnitSystem $mass,
    ) {
    }

    public static function of(Units $units): self
    {
        return new self($units->length, $units->volume, $units->temperature, $units->mass);
    }
}
