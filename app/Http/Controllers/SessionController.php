<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Problems;
use App\Http\Requests\SignInRequest;
use App\Http\Resources\Session;
use App\Models\FacilitySettings;
use App\Models\User;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Takes;
use App\People\SignIns;
use Biomegas\Finding\Finding;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

#[OA\Info(version: '1', title: 'Biomegas', description: 'Dates are local days of the facility, lengths are millimetres.')]
final readonly class SessionController
{
    public function __construct(private SignIns $signIns)
    {
    }

    private const TRIES_PER_MINUTE = 5;

    #[OA\Get(path: '/api/v1/session', operationId: 'showSession')]
    #[Answers(200, 'Session', 'Who is signed in.')]
    public function show(Request $request): JsonResponse
    {
        return response()->json(Session::of($this->signIns->standing($request), FacilitySettings::query()->first()));
    }

    #[OA\Post(path: '/api/v1/session', operationId: 'signIn')]
    #[Takes('SignInRequest')]
    #[Answers(200, 'Session', 'Signed in.')]
    #[Answers(422, 'Problem', 'Unknown address or wrong password.')]
    #[Answers(429, 'Problem', 'Too many tries.')]
    public function store(SignInRequest $request): JsonResponse
    {
        $throttle = 'sign-in|'.mb_strtolower($request->string('email')->value()).'|'.$request->ip();
        if (RateLimiter::tooManyAttempts($throttle, self::TRIES_PER_MINUTE)) {
            $seconds = RateLimiter::availableIn($throttle);

            return Problems::of(429, Finding::of('problem.too_many_tries', seconds: $seconds))->header('Retry-After', (string) $seconds);
        }
        if (! Auth::guard('web')->attempt([...$request->only('email', 'password'), 'closed_at' => null])) {
            RateLimiter::hit($throttle);
            if (User::query()->where('email', $request->input('email'))->doesntExist()) {
                // As long as with a known address: nobody learns by the clock who has an account.
                Hash::check($request->string('password')->value(), self::nobodysPassword());
            }

            return Problems::ofField('password', Finding::of('problem.wrong_password'));
        }
        RateLimiter::clear($throttle);
        $request->session()->regenerate();

        return response()->json(Session::of($request->user(), FacilitySettings::query()->first()));
    }

    /** A hash like those of passwords, made once for this installation. */
    private static function nobodysPassword(): string
    {
        return Cache::rememberForever('nobodys-password', fn (): string => Hash::make(Str::random()));
    }

    #[OA\Delete(path: '/api/v1/session', operationId: 'signOut')]
    #[AnswersNothing('Signed out.')]
    public function destroy(Request $request): Response
    {
        SignIns::current($request->session())?->delete();
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return response()->noContent();
    }
}
