<?php

declare(strict_types=1);

namespace App\People;

use App\Models\SignIn;
use App\Models\User;
use Illuminate\Auth\Events\Login;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;

/**
 * Where everybody is signed in. Sessions are files that nobody can list by
 * person; each holds a secret, and what stands here decides whether it goes on.
 */
final readonly class SignIns
{
    private const IN_SESSION = 'sign_in';

    private const LONGEST_AGENT = 300;

    /** Written no more often: reading a page should not have to write. */
    private const SEEN_EVERY_MINUTES = 60;

    /** As many as anybody looks through; the oldest end. */
    private const MOST = 30;

    public function __construct(private Request $request)
    {
    }

    public function handle(Login $login): void
    {
        if ($login->user instanceof User && $this->request->hasSession()) {
            $this->begin($login->user, $this->request);
        }
    }

    /** Whoever is signed in; null: nobody, or not any more. */
    public function standing(Request $request): ?User
    {
        $user = $request->user();

        return $user instanceof User && $user->closed_at === null && (! $request->hasSession() || $this->goesOn($user, $request)) ? $user : null;
    }

    private function goesOn(User $user, Request $request): bool
    {
        $secret = $request->session()->get(self::IN_SESSION);
        if (! is_string($secret)) {
            // A session from before sign-ins were kept.
            $this->begin($user, $request);

            return true;
        }
        $signIn = SignIn::query()->where(['user_id' => $user->id, 'secret_hash' => LinkSecret::hash($secret)])->first();
        if ($signIn?->seen_at->addMinutes(self::SEEN_EVERY_MINUTES)->isPast() === true) {
            $signIn->update(['seen_at' => now()]);
        }

        return $signIn !== null;
    }

    /** The one that asks; null: it has none. */
    public static function current(Session $session): ?SignIn
    {
        $secret = $session->get(self::IN_SESSION);

        return is_string($secret) ? SignIn::query()->where('secret_hash', LinkSecret::hash($secret))->first() : null;
    }

    /** Everywhere else: whoever asks stays. */
    public static function endOthers(User $user, Session $session): void
    {
        SignIn::query()->where('user_id', $user->id)->whereKeyNot(self::current($session)->id ?? 0)->delete();
    }

    public static function endAll(User $user): void
    {
        SignIn::query()->where('user_id', $user->id)->delete();
    }

    private function begin(User $user, Request $request): void
    {
        $secret = LinkSecret::make();
        $request->session()->put(self::IN_SESSION, $secret);
        SignIn::query()->create([
            'user_id' => $user->id, 'secret_hash' => LinkSecret::hash($secret), 'agent' => mb_strimwidth(mb_scrub((string) $request->userAgent(), 'UTF-8'), 0, self::LONGEST_AGENT),
            'began_at' => now(), 'seen_at' => now(),
        ]);
        $kept = SignIn::query()->where('user_id', $user->id)->latest('id')->limit(self::MOST)->pluck('id');
        SignIn::query()->where('user_id', $user->id)->whereNotIn('id', $kept)->delete();
    }
}
