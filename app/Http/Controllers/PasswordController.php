<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Problems;
use App\Http\Requests\ForgottenRequest;
use App\Http\Requests\ResetRequest;
use App\Mail\MailSetUp;
use App\Models\User;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Takes;
use App\People\SignIns;
use Biomegas\Finding\Finding;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Password;
use OpenApi\Attributes as OA;
use Symfony\Component\Mailer\Exception\TransportExceptionInterface;

/** A password that was forgotten. */
final readonly class PasswordController
{
    #[OA\Post(path: '/api/v1/forgotten-password', operationId: 'askForPassword', description: 'A link is mailed to the address if somebody has it here; nobody learns whether.')]
    #[Takes('ForgottenRequest')]
    #[AnswersNothing('If somebody has this address, a letter is on its way.')]
    #[Answers(409, 'Problem', 'No mail is set up here.')]
    #[Answers(422, 'Problem', 'No address.')]
    #[Answers(429, 'Problem', 'Too many tries.')]
    public function ask(ForgottenRequest $request): Response|JsonResponse
    {
        if (! MailSetUp::reachesPeople()) {
            return Problems::of(409, Finding::of('problem.no_mail'));
        }
        try {
            Password::broker()->sendResetLink(['email' => $request->string('email')->value(), 'closed_at' => null]);
        } catch (TransportExceptionInterface $e) {
            // Told to whoever looks after the machine, not to whoever asks: an unknown address would not have failed.
            Log::error('A letter about a password could not be sent.', ['reason' => $e->getMessage()]);
        }

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/password', operationId: 'resetPassword', description: 'With what stands in the link. Whoever is signed in with the old one is signed out.')]
    #[Takes('ResetRequest')]
    #[AnswersNothing('It is the password from now on.')]
    #[Answers(422, 'Problem', 'The link was used or is over, or the password is too short.')]
    #[Answers(429, 'Problem', 'Too many tries.')]
    public function reset(ResetRequest $request): Response|JsonResponse
    {
        $outcome = Password::broker()->reset([...$request->safe(['email', 'token', 'password']), 'closed_at' => null], function (User $user, string $password): void {
            $user->update(['password' => $password]);
            SignIns::endAll($user);
        });

        return $outcome === Password::PasswordReset ? response()->noContent() : Problems::ofField('token', Finding::of('problem.no_password_link'));
    }
}
