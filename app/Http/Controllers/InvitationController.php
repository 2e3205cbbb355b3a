<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Problems;
use App\Http\Requests\AcceptanceRequest;
use App\Http\Requests\InvitationRequest;
use App\Http\Resources\Invited;
use App\Http\Resources\LinkMade;
use App\Http\Resources\Session;
use App\Models\FacilitySettings;
use App\Models\Invitation;
use App\Models\User;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use App\People\LinkSecret;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

/** Invitations: a link that opens once, for a week. */
final readonly class InvitationController
{
    #[OA\Post(path: '/api/v1/invitations', operationId: 'invite')]
    #[Takes('InvitationRequest')]
    #[Answers(201, 'LinkMade', 'To be handed over; it is shown once.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    #[Answers(422, 'Problem', 'A field is missing or wrong, or many are open already.')]
    public function store(InvitationRequest $request): JsonResponse
    {
        Invitation::query()->where('expires_at', '<=', now())->delete();
        if (Invitation::query()->count() >= Invitation::MOST) {
            throw InvalidEntry::because('name', Finding::of('entry.many_invitations', most: Invitation::MOST));
        }
        $secret = LinkSecret::make();
        Invitation::query()->create([...$request->safe(['name', 'role']), 'secret_hash' => LinkSecret::hash($secret), 'user_id' => $request->user()?->id, 'expires_at' => now()->addDays(Invitation::DAYS)]);

        return response()->json(new LinkMade(LinkSecret::address('/invitation', $secret)), 201);
    }

    #[OA\Delete(path: '/api/v1/invitations/{invitation}', operationId: 'withdrawInvitation')]
    #[InPath('invitation')]
    #[AnswersNothing('It opens nothing any more.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    #[Answers(404, 'Problem', 'No such invitation.')]
    public function destroy(Invitation $invitation): Response
    {
        $invitation->delete();

        return response()->noContent();
    }

    #[OA\Get(path: '/api/v1/invitation', operationId: 'showInvitation', description: 'With the secret of the link in the header Authorization, as "Bearer".')]
    #[Answers(200, 'Invited', 'Where to, and as what.')]
    #[Answers(404, 'Problem', 'It was used, withdrawn, or is over.')]
    #[Answers(429, 'Problem', 'Too many tries.')]
    public function show(Request $request): JsonResponse
    {
        $invitation = Invitation::openedBy((string) $request->bearerToken());

        return $invitation === null
            ? Problems::of(404, Finding::of('problem.no_invitation'))
            : response()->json(new Invited(FacilitySettings::query()->firstOrFail()->name, $invitation->name, $invitation->role));
    }

    #[OA\Post(path: '/api/v1/invitation', operationId: 'acceptInvitation', description: 'With the secret of the link in the header Authorization, as "Bearer".')]
    #[Takes('AcceptanceRequest')]
    #[Answers(201, 'Session', 'Come in, and signed in.')]
    #[Answers(404, 'Problem', 'It was used, withdrawn, or is over.')]
    #[Answers(422, 'Problem', 'A field is missing or wrong.')]
    #[Answers(429, 'Problem', 'Too many tries.')]
    public function accept(AcceptanceRequest $request): JsonResponse
    {
        $user = DB::transaction(function () use ($request): ?User {
            $invitation = Invitation::openedBy((string) $request->bearerToken());
            $user = $invitation === null ? null : User::query()->create([...$request->safe(['name', 'email', 'password']), 'role' => $invitation->role]);
            $invitation?->delete();

            return $user;
        });
        if ($user === null) {
            return Problems::of(404, Finding::of('problem.no_invitation'));
        }
        Auth::guard('web')->login($user);
        $request->session()->regenerate();

        return response()->json(Session::of($user, FacilitySettings::query()->first()), 201);
    }
}
