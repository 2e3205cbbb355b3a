<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\AccountRequest;
use App\Http\Requests\NewPasswordRequest;
use App\Http\Resources\Account;
use App\Models\SignIn;
use App\Models\User;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use App\People\SignIns;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Hash;
use OpenApi\Attributes as OA;

/** Of whoever is signed in: name, address, password, and where else they are signed in. */
final readonly class AccountController
{
    #[OA\Get(path: '/api/v1/account', operationId: 'showAccount')]
    #[Answers(200, 'Account', 'As it is now.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function show(Request $request): JsonResponse
    {
        return response()->json(Account::from($this->user($request), SignIns::current($request->session())));
    }

    #[OA\Put(path: '/api/v1/account', operationId: 'changeAccount')]
    #[Takes('AccountRequest')]
    #[Answers(200, 'Account', 'Changed.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(422, 'Problem', 'A field is missing or wrong; another address wants the password.')]
    public function update(AccountRequest $request): JsonResponse
    {
        $user = $this->user($request);
        if ($request->input('email') !== $user->email) {
            $this->checkPassword($user, $request->string('password')->value());
        }
        $user->update($request->safe(['name', 'email', 'wants_letter']));

        return response()->json(Account::from($user, SignIns::current($request->session())));
    }

    #[OA\Put(path: '/api/v1/account/password', operationId: 'changePassword', description: 'Whoever is signed in elsewhere with the old one is signed out.')]
    #[Takes('NewPasswordRequest')]
    #[AnswersNothing('Changed.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(422, 'Problem', 'The old one is wrong, or the new one too short.')]
    public function password(NewPasswordRequest $request): Response
    {
        $user = $this->user($request);
        $this->checkPassword($user, $request->string('password')->value());
        $user->update(['password' => $request->string('new_password')->value()]);
        SignIns::endOthers($user, $request->session());
        $request->session()->migrate(true);

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/v1/account/sign-ins', operationId: 'signOutElsewhere')]
    #[AnswersNothing('Signed out everywhere but here.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function signOutElsewhere(Request $request): Response
    {
        SignIns::endOthers($this->user($request), $request->session());

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/v1/account/sign-ins/{signin}', operationId: 'endSignIn')]
    #[InPath('signin')]
    #[AnswersNothing('Signed out there.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such sign-in of yours.')]
    public function endSignIn(Request $request, int $signin): Response
    {
        SignIn::query()->where('user_id', $this->user($request)->id)->findOrFail($signin)->delete();

        return response()->noContent();
    }

    private function user(Request $request): User
    {
        $user = $request->user();

        return $user instanceof User ? $user : throw new AuthenticationException;
    }

    /** @throws InvalidEntry when it is another */
    private function checkPassword(User $user, string $password): void
    {
        if (! Hash::check($password, $user->getAuthPassword())) {
            throw InvalidEntry::because('password', Finding::of('entry.not_your_password'));
        }
    }
}
