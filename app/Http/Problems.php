<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Resources\MeasurementEntry;
use Biomegas\Growth\LengthReview;
use Biomegas\Refusal;
use Biomegas\RefusedEntry;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use PDOException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** How errors are answered: one shape, a sentence, and the fields to mend. */
final readonly class Problems
{
    private const SQLITE_BUSY = 5;

    private const RETRY_SECONDS = 2;

    /** @param  array<string, list<string>>  $errors sentences by field */
    public static function response(int $status, string $message, array $errors = []): JsonResponse
    {
        return new JsonResponse(['message' => $message, 'errors' => (object) $errors], $status);
    }

    /** An entry so unlikely that it is only recorded when it is sent again to be kept. */
    public static function questionAbout(string $field, LengthReview $review): JsonResponse
    {
        return new JsonResponse([
            'message' => $review->sentence(),
            'errors' => [$field => [$review->sentence()]],
            'question' => $review->question,
        ], 422);
    }

    /**
     * Several values so unlikely that they are only recorded when they are sent again to be kept.
     *
     * @param  non-empty-array<string, string>  $doubts  questions by field
     */
    public static function doubts(array $doubts): JsonResponse
    {
        return new JsonResponse([
            'message' => implode(' ', $doubts),
            'errors' => array_map(fn (string $doubt): array => [$doubt], $doubts),
            'question' => 'unlikely-value',
        ], 422);
    }

    public static function staleEdit(MeasurementEntry $current): JsonResponse
    {
        return new JsonResponse([
            'message' => 'This entry was changed meanwhile. Look at both before you correct it.',
            'current' => $current,
        ], 409);
    }

    public static function renderIn(Exceptions $exceptions): void
    {
        $exceptions->dontReport(Refusal::class);
        $exceptions->render(fn (RefusedEntry $refused) => self::response(422, $refused->getMessage(), [$refused->field => [$refused->getMessage()]]));
        $exceptions->render(fn (AuthenticationException $e, Request $request) => $request->is('api/*') ? self::response(401, $request->is('api/v1/device/*') ? 'This token is not known here. Make one on the page of the system.' : 'Sign in to go on.') : null);
        $exceptions->render(fn (NotFoundHttpException $e, Request $request) => $request->is('api/*') ? self::response(404, 'There is no such record.') : null);
        $exceptions->render(fn (PDOException $e) => ($e->errorInfo[1] ?? null) === self::SQLITE_BUSY
            ? self::response(503, 'Another entry is being written. Try again in a moment.')->header('Retry-After', (string) self::RETRY_SECONDS)
            : null);
    }
}
