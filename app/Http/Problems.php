<?php

declare(strict_types=1);

namespace App\Http;

use App\Http\Resources\MeasurementEntry;
use App\Language\Messages;
use App\Models\Measurement;
use App\Models\StaleVersion;
use App\Policies\FacilityPolicy;
use App\Repair\LeftOut;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Finding\Refusal;
use Biomegas\Growth\LengthReview;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Context;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use Illuminate\Validation\ValidationException;
use PDOException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Throwable;

/** How errors are answered: one shape, a sentence, and the fields to mend. */
final readonly class Problems
{
    private const SQLITE_BUSY = 5;

    private const SQLITE_READ_ONLY = 8;

    private const SQLITE_IO_ERROR = 10;

    private const SQLITE_FULL = 13;

    private const SQLITE_CANNOT_OPEN = 14;

    private const RETRY_SECONDS = 2;

    private const ID_LETTERS = 8;

    /** @param  array<string, list<string>>  $errors sentences by field */
    private static function response(int $status, string $message, array $errors = []): JsonResponse
    {
        return new JsonResponse(['message' => $message, 'errors' => (object) $errors], $status, [], JSON_INVALID_UTF8_SUBSTITUTE);
    }

    public static function of(int $status, Finding $finding): JsonResponse
    {
        return self::response($status, Messages::ofFacility()->say($finding));
    }

    public static function ofField(string $field, Finding $finding): JsonResponse
    {
        $sentence = Messages::ofFacility()->say($finding);

        return self::response(422, $sentence, [$field => [$sentence]]);
    }

    /** An entry so unlikely that it is only recorded when it is sent again to be kept. */
    public static function questionAbout(string $field, LengthReview $review): JsonResponse
    {
        $question = (string) Messages::ofFacility()->sayIf($review->finding());

        return new JsonResponse([
            'message' => $question,
            'errors' => [$field => [$question]],
            'question' => $review->question,
        ], 422);
    }

    /**
     * Several values so unlikely that they are only recorded when they are sent again to be kept.
     *
     * @param  non-empty-array<string, Finding>  $doubts  questions by field
     */
    public static function doubts(array $doubts): JsonResponse
    {
        $says = Messages::ofFacility();

        return new JsonResponse([
            'message' => $says->sayAll($doubts),
            'errors' => array_map(fn (Finding $doubt): array => [$says->say($doubt)], $doubts),
            'question' => 'unlikely-value',
        ], 422);
    }

    public static function renderIn(Exceptions $exceptions): void
    {
        $exceptions->context(fn (): array => ['error_id' => self::errorId()]);
        $exceptions->dontReport([InvalidEntry::class, StaleVersion::class]);
        // What was asked to be written can be mended by whoever sent it; a page that cannot be read is ours to mend.
        $exceptions->report(fn (Refusal $refused): bool => request()->isMethodSafe());
        // Without its values: they may be secret.
        $exceptions->report(function (QueryException $e): bool {
            Log::error('A query failed: '.$e->getSql(), ['error_id' => self::errorId(), 'reason' => $e->getPrevious()?->getMessage(), 'at' => request()->method().' '.request()->path()]);

            return false;
        });
        $exceptions->render(fn (Throwable $e, Request $request): ?JsonResponse => $request->is('api/*') ? self::rendered($e, $request) : null);
    }

    /** What a keeper can quote, and the log is searched for: one for a request. */
    private static function errorId(): string
    {
        return Context::remember('error_id', fn (): string => Str::lower(Str::random(self::ID_LETTERS)));
    }

    private static function rendered(Throwable $e, Request $request): JsonResponse
    {
        return match (true) {
            $e instanceof Refusal => self::refused($e),
            $e instanceof ValidationException => self::invalid($e),
            $e instanceof StaleVersion => self::stale($e),
            $e instanceof AuthenticationException => self::of(401, $request->is('api/v1/device/*') ? Finding::of('problem.unknown_token') : Finding::of('problem.signed_out')),
            $e instanceof PDOException => self::ofDatabase((int) ($e->errorInfo[1] ?? 0)),
            $e instanceof AuthorizationException => self::of(403, self::ofDenial($e->getMessage())),
            $e->getPrevious() instanceof AuthorizationException => self::of(403, self::ofDenial($e->getPrevious()->getMessage())),
            $e instanceof HttpExceptionInterface => self::of($e->getStatusCode(), self::ofStatus($e->getStatusCode()))->withHeaders($e->getHeaders()),
            default => self::of(500, Finding::of('problem.failed', id: self::errorId())),
        };
    }

    /** What the database said, by the result codes of SQLite. */
    private static function ofDatabase(int $code): JsonResponse
    {
        return match ($code) {
            self::SQLITE_BUSY => self::of(503, Finding::of('problem.busy'))->header('Retry-After', (string) self::RETRY_SECONDS),
            self::SQLITE_FULL, self::SQLITE_IO_ERROR => self::of(507, Finding::of('problem.disk_full')),
            self::SQLITE_READ_ONLY, self::SQLITE_CANNOT_OPEN => self::of(503, Finding::of('problem.read_only')),
            default => self::of(500, Finding::of('problem.failed', id: self::errorId())),
        };
    }

    private static function ofDenial(string $reason): Finding
    {
        return match ($reason) {
            FacilityPolicy::FOR_KEEPERS => Finding::of('problem.for_keepers'),
            FacilityPolicy::FOR_THE_OWNER => Finding::of('problem.for_the_owner'),
            default => Finding::of('problem.status_403'),
        };
    }

    private static function ofStatus(int $status): Finding
    {
        return match ($status) {
            400 => Finding::of('problem.status_400'),
            403 => Finding::of('problem.status_403'),
            404 => Finding::of('problem.status_404'),
            503 => Finding::of('problem.status_503'),
            405 => Finding::of('problem.status_405'),
            413 => Finding::of('problem.status_413'),
            419 => Finding::of('problem.status_419'),
            429 => Finding::of('problem.status_429'),
            default => Finding::of('problem.unanswered'),
        };
    }

    private static function refused(Refusal $e): JsonResponse
    {
        $sentence = Messages::ofFacility()->say($e->finding());

        return self::response($e instanceof LeftOut ? 404 : 422, $sentence, $e instanceof InvalidEntry ? [$e->field => [$sentence]] : []);
    }

    private static function invalid(ValidationException $e): JsonResponse
    {
        $errors = $e->errors();
        $sentences = array_unique(array_merge(...array_values($errors)));

        return self::response(422, count($sentences) === 1 ? reset($sentences) : Messages::ofFacility()->say(Finding::of('problem.fields')), $errors);
    }

    private static function stale(StaleVersion $e): JsonResponse
    {
        $problem = [
            'message' => Messages::ofFacility()->say(Finding::of('problem.stale')),
            'errors' => (object) [],
            ...($e->current instanceof Measurement ? ['current' => MeasurementEntry::from($e->current)] : []),
        ];

        return new JsonResponse($problem, 409);
    }
}
