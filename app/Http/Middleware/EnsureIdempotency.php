<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problems;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\Response;

/**
 * Answers a repeated write with what the first was answered: a phone that
 * sends twice records once. The sender names each write with a key of its own
 * in the header Idempotency-Key. Runs inside the transaction of the write and
 * before its records are looked up, so that a repeated deletion finds its
 * first answer and not that there is nothing to delete.
 */
final class EnsureIdempotency
{
    private const REMEMBERED_DAYS = 30;

    private const LONGEST_KEY = 100;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $key = (string) $request->header('Idempotency-Key', '');
        if (strlen($key) > self::LONGEST_KEY || ! mb_check_encoding($key, 'UTF-8')) {
            return Problems::response(422, 'The header Idempotency-Key is unreadable or too long: '.self::LONGEST_KEY.' characters at most.');
        }
        if ($key === '') {
            return $next($request);
        }
        $earlier = $this->earlierAnswer($request, $key);
        if ($earlier !== null) {
            return $earlier;
        }
        $response = $next($request);
        if ($response->isSuccessful()) {
            $this->remember($request, $key, $response);
        }

        return $response;
    }

    private function earlierAnswer(Request $request, string $key): ?Response
    {
        $earlier = DB::table('recorded_requests')->where(['user_id' => $request->user()?->id, 'key' => $key])->first();
        if ($earlier === null) {
            return null;
        }
        if ($earlier->fingerprint !== $this->fingerprint($request)) {
            return Problems::response(422, 'This Idempotency-Key was used for a different entry. Send a new key with a new entry.');
        }

        return new Response($earlier->body, $earlier->status, ['Content-Type' => 'application/json', 'Idempotent-Replay' => 'true']);
    }

    private function remember(Request $request, string $key, Response $response): void
    {
        DB::table('recorded_requests')->where('created_at', '<', now()->subDays(self::REMEMBERED_DAYS))->delete();
        DB::table('recorded_requests')->insert([
            'user_id' => $request->user()?->id,
            'key' => $key,
            'fingerprint' => $this->fingerprint($request),
            'status' => $response->getStatusCode(),
            'body' => (string) $response->getContent(),
            'created_at' => now(),
        ]);
    }

    private function fingerprint(Request $request): string
    {
        return hash('sha256', $request->method().' '.$request->path().' '.$request->getContent());
    }
}
