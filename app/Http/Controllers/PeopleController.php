<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Problems;
use App\Http\Requests\PersonRequest;
use App\Http\Resources\LinkMade;
use App\Http\Resources\People;
use App\Mail\PasswordLink;
use App\Models\Role;
use App\Models\User;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use App\People\SignIns;
use Biomegas\Finding\Finding;
use Illuminate\Auth\Passwords\PasswordBroker;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Password;
use OpenApi\Attributes as OA;

/** Who comes in here, and what they may do. */
final readonly class PeopleController
{
    #[OA\Get(path: '/api/v1/people', operationId: 'listPeople')]
    #[Answers(200, 'People', 'Everybody, and who is invited.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    public function index(): JsonResponse
    {
        return response()->json(People::all());
    }

    #[OA\Put(path: '/api/v1/people/{person}', operationId: 'changeRole')]
    #[InPath('person')]
    #[Takes('PersonRequest')]
    #[Answers(200, 'People', 'Changed.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    #[Answers(404, 'Problem', 'Nobody of this number.')]
    #[Answers(409, 'Problem', 'Nobody would own the place.')]
    public function update(PersonRequest $request, User $person): JsonResponse
    {
        $role = Role::from($request->string('role')->value());
        if ($role !== Role::Owner && self::isLastOwner($person)) {
            return Problems::of(409, Finding::of('problem.last_owner'));
        }
        $person->update(['role' => $role]);

        return response()->json(People::all());
    }

    #[OA\Delete(path: '/api/v1/people/{person}', operationId: 'closeAccount', description: 'Whoever leaves is signed out at once; what they wrote stays theirs.')]
    #[InPath('person')]
    #[AnswersNothing('Closed.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    #[Answers(404, 'Problem', 'Nobody of this number.')]
    #[Answers(409, 'Problem', 'Nobody would own the place.')]
    public function destroy(User $person): Response|JsonResponse
    {
        if (self::isLastOwner($person)) {
            return Problems::of(409, Finding::of('problem.last_owner'));
        }
        $person->update(['closed_at' => now()]);
        SignIns::endAll($person);

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/people/{person}/restore', operationId: 'openAccount')]
    #[InPath('person')]
    #[AnswersNothing('They may sign in again.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    #[Answers(404, 'Problem', 'Nobody of this number.')]
    public function restore(User $person): Response
    {
        $person->update(['closed_at' => null]);

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/people/{person}/password-link', operationId: 'makePasswordLink', description: 'For somebody who has forgotten it, where no mail is set up. It opens for an hour, once.')]
    #[InPath('person')]
    #[Answers(201, 'LinkMade', 'To be handed over.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    #[Answers(404, 'Problem', 'Nobody of this number.')]
    public function passwordLink(User $person): JsonResponse
    {
        /** @var PasswordBroker $broker */
        $broker = Password::broker();

        return response()->json(new LinkMade(PasswordLink::address($person->email, $broker->createToken($person))), 201);
    }

    private static function isLastOwner(User $person): bool
    {
        return $person->role === Role::Owner && $person->closed_at === null
            && User::query()->where('role', Role::Owner)->whereNull('closed_at')->whereKeyNot($person->id)->doesntExist();
    }
}
