<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problems;
use Closure;
use Illuminate\Http\Request;
use JsonException;
use Symfony\Component\HttpFoundation\Response;

/**
 * Refuses what no field could hold, before anything looks at it: broken JSON
 * (the framework reads it as an empty body and would blame a field that was
 * sent), forms of other sites, numbers beyond all numbers, null bytes, and
 * nesting deeper than any document here has.
 */
final class RefuseUnreadableInput
{
    private const DEEPEST = 24;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $body = $request->getContent();
        if ($body !== '' && ! $request->isMethodSafe()) {
            if (! $request->isJson()) {
                return Problems::response(415, 'Send the entry as JSON, with the header Content-Type: application/json.');
            }
            try {
                $document = json_decode($body, true, self::DEEPEST, JSON_THROW_ON_ERROR);
            } catch (JsonException) {
                return Problems::response(400, 'The body is not valid JSON, or is nested more than '.self::DEEPEST.' levels deep.');
            }
            if (! is_array($document)) {
                return Problems::response(400, 'The body is not a JSON object.');
            }
        }

        return $this->refusal($request->all()) ?? $next($request);
    }

    /** @param  array<mixed>  $input */
    private function refusal(array $input, string $path = ''): ?Response
    {
        foreach ($input as $name => $value) {
            $field = $path.$name;
            $sentence = match (true) {
                ! mb_check_encoding((string) $name, 'UTF-8'), is_string($value) && ! mb_check_encoding($value, 'UTF-8') => 'This is not readable text (UTF-8).',
                is_string($value) && str_contains($value, "\0") => 'This text holds a character that cannot be written down. Type it again.',
                is_float($value) && ! is_finite($value) => 'This number is too large.',
                default => null,
            };
            if ($sentence !== null) {
                $readable = mb_scrub($field, 'UTF-8');

                return Problems::response(422, $sentence, [$readable => [$sentence]]);
            }
            $deeper = is_array($value) ? $this->refusal($value, "{$field}.") : null;
            if ($deeper !== null) {
                return $deeper;
            }
        }

        return null;
    }
}
