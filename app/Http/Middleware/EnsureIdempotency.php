<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problems;
use Biomegas\Finding\Finding;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpFoundation\File\UploadedFile;
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
            return Problems::of(422, Finding::of('problem.unreadable_key', most: self::LONGEST_KEY));
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
            return Problems::of(422, Finding::of('problem.used_key'));
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
        // A form with files has no content of its own.
        $sent = $request->files->count() === 0 ? $request->getContent() : json_encode([$request->post(), array_map(self::hashOf(...), $request->files->all())]);

        return hash('sha256', $request->method().' '.$request->path().' '.$sent);
    }

    private static function hashOf(mixed $file): string
    {
        return $file instanceof UploadedFile && $file->isValid() ? (string) hash_file('sha256', $file->getPathname()) : '';
    }
}
