<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Role;
use Biomegas\Measure\UnitSystem;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A signed-in person and the facility.')]
final readonly class Keeper
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(type: 'string', enum: Role::class)] public Role $role,
        #[OA\Property] public string $facility,
        #[OA\Property(type: 'string', enum: UnitSystem::class)] public UnitSystem $unit_system,
        #[OA\Property(format: 'date')] public string $today,
    ) {
    }
}
