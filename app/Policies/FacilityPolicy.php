<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Who may do what in a facility: everybody in it may look. */
final readonly class FacilityPolicy
{
    /** Write down, plan and correct. */
    public function record(User $user): bool
    {
        return in_array($user->role, [Role::Owner, Role::Keeper], true);
    }
}
