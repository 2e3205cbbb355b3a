<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Role;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Somebody who may come in once.')]
final readonly class InvitationRow
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property(type: 'string', enum: Role::class)] public Role $role,
        #[OA\Property(format: 'date-time')] public string $expires_at,
    ) {
    }
}
