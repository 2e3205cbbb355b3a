<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Role;
use App\Models\SignIn;
use App\Models\User;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Whoever is signed in, and where else they are.')]
final readonly class Account
{
    /** @param  list<SignInRow>  $sign_ins */
    public function __construct(
        #[OA\Property] public string $name,
        #[OA\Property] public string $email,
        #[OA\Property(type: 'string', enum: Role::class)] public Role $role,
        #[OA\Property(description: 'The letter in the morning, when anything is due.')] public bool $wants_letter,
        #[OA\Property(description: 'The latest first.', type: 'array', items: new OA\Items(ref: SignInRow::class))] public array $sign_ins,
    ) {
    }

    public static function from(User $user, ?SignIn $current): self
    {
        $signIns = SignIn::query()->where('user_id', $user->id)->latest('seen_at')->latest('id')->get();

        return new self($user->name, $user->email, $user->role, $user->wants_letter, array_values($signIns->map(
            fn (SignIn $signIn): SignInRow => new SignInRow($signIn->id, $signIn->agent, $signIn->began_at->toIso8601ZuluString(), $signIn->seen_at->toIso8601ZuluString(), $signIn->id === $current?->id),
        )->all()));
    }
}
