<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Problems;
use Biomegas\Finding\Finding;
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
                return Problems::of(415, Finding::of('problem.no_json_header'));
            }
            try {
                $document = json_decode($body, true, self::DEEPEST, JSON_THROW_ON_ERROR);
            } catch (JsonException) {
                return Problems::of(400, Finding::of('problem.no_json', deepest: self::DEEPEST));
            }
            if (! is_array($document)) {
                return Problems::of(400, Finding::of('problem.no_object'));
            }
        }

        return $this->refusal($request->all()) ?? $next($request);
    }

    /** @param  array<mixed>  $input */
    private function refusal(array $input, string $path = ''): ?Response
    {
        foreach ($input as $name => $value) {
            $field = $path.$name;
            $finding = match (true) {
                ! mb_check_encoding((string) $name, 'UTF-8'), is_string($value) && ! mb_check_encoding($value, 'UTF-8') => Finding::of('problem.no_text'),
                is_string($value) && str_contains($value, "\0") => Finding::of('problem.null_byte'),
                is_float($value) && ! is_finite($value) => Finding::of('problem.infinite'),
                default => null,
            };
            if ($finding !== null) {
                return Problems::ofField(mb_scrub($field, 'UTF-8'), $finding);
            }
            $deeper = is_array($value) ? $this->refusal($value, "{$field}.") : null;
            if ($deeper !== null) {
                return $deeper;
            }
        }

        return null;
    }
}
