<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Role;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Somebody who comes in here, or came.')]
final readonly class PersonRow
{
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $email,
        #[OA\Property(type: 'string', enum: Role::class)] public Role $role,
        #[OA\Property(description: 'Has left: may not sign in.')] public bool $is_closed,
        #[OA\Property(description: 'When they were seen last, to the hour; null: signed in nowhere.', format: 'date-time')] public ?string $seen_at,
    ) {
    }
}
