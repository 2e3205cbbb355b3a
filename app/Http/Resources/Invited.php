<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Role;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What an invitation invites to.')]
final readonly class Invited
{
    public function __construct(
        #[OA\Property(description: 'Name of the place.')] public string $facility,
        #[OA\Property(description: 'Who is invited.')] public string $name,
        #[OA\Property(type: 'string', enum: Role::class)] public Role $role,
    ) {
    }
}
