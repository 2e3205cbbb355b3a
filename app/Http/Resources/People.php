<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use App\Models\Invitation;
use App\Models\SignIn;
use App\Models\User;
use App\People\PeopleHistory;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Everybody who comes in here, who has left, and who is invited.')]
final readonly class People
{
    /**
     * @param  list<PersonRow>  $people
     * @param  list<InvitationRow>  $invitations
     * @param  list<PersonChange>  $history
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: PersonRow::class))] public array $people,
        #[OA\Property(description: 'Those that are still open.', type: 'array', items: new OA\Items(ref: InvitationRow::class))] public array $invitations,
        #[OA\Property(description: 'What became of people, the latest first.', type: 'array', items: new OA\Items(ref: PersonChange::class))] public array $history,
    ) {
    }

    public static function all(): self
    {
        $says = Messages::ofFacility();
        $seen = SignIn::query()->selectRaw('user_id, max(seen_at) as seen_at')->groupBy('user_id')->get()->keyBy('user_id');

        return new self(
            array_values(User::query()->orderByRaw('closed_at is not null')->orderBy('id')->get()->map(
                fn (User $user): PersonRow => new PersonRow($user->id, $user->name, $user->email, $user->role, $user->closed_at !== null, $seen->get($user->id)?->seen_at->toIso8601ZuluString()),
            )->all()),
            array_values(Invitation::query()->where('expires_at', '>', now())->orderBy('id')->get()->map(
                fn (Invitation $invitation): InvitationRow => new InvitationRow($invitation->id, $invitation->name, $invitation->role, $invitation->expires_at->toIso8601ZuluString()),
            )->all()),
            array_map(fn (array $change): PersonChange => new PersonChange($change[0]->toIso8601ZuluString(), $says->say($change[1])), PeopleHistory::latest()),
        );
    }
}
