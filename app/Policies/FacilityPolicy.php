<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;
use Illuminate\Auth\Access\Response;

/** Who may do what in a facility. Every route names one of these (tests/Api/RolesTest.php holds the table). */
final readonly class FacilityPolicy
{
    public const FOR_KEEPERS = 'for-keepers';

    public const FOR_THE_OWNER = 'for-the-owner';

    /** Read what stands there. */
    public function look(User $user): bool
    {
        return true;
    }

    /** Write down what happened, and mend what they wrote themselves. */
    public function record(User $user): bool
    {
        return $user->role->mayRecord();
    }

    /** Plan, arrange, add and take away. */
    public function keep(User $user): Response
    {
        return $user->role->mayKeep() ? Response::allow() : Response::deny(self::FOR_KEEPERS);
    }

    /** People, settings, and the files of the whole place. */
    public function run(User $user): Response
    {
        return $user->role->mayRun() ? Response::allow() : Response::deny(self::FOR_THE_OWNER);
    }
}
