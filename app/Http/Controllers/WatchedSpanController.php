<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\Watches;
use App\Http\Requests\WatchedSpanRequest;
use App\Http\Resources\Recorded;
use App\Models\System;
use App\Models\WatchedSpan;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Company\Aggression\WatchedSpan as Watched;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final readonly class WatchedSpanController
{
    #[OA\Post(path: '/api/v1/systems/{system}/watched-spans', operationId: 'beginWatching')]
    #[InPath('system')]
    #[Idempotent]
    #[Takes('WatchedSpanRequest')]
    #[Answers(201, 'Recorded', 'The clock runs from now on; with minutes: they are written down.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'Not a number of minutes.')]
    public function store(WatchedSpanRequest $request, System $system): JsonResponse
    {
        $minutes = $request->input('minutes') === null ? null : $request->integer('minutes');
        $running = WatchedSpan::query()->where('system_id', $system->id)->whereNull('minutes')->first();
        $span = $minutes === null && $running !== null ? $running : WatchedSpan::query()->create([
            'system_id' => $system->id, 'began_at' => Watches::now()->plusMinutes(-($minutes ?? 0))->toIso(), 'minutes' => $minutes, 'user_id' => $request->user()?->id,
        ]);

        return response()->json(new Recorded($span->id), 201);
    }

    #[OA\Put(path: '/api/v1/watched-spans/{span}', operationId: 'endWatching')]
    #[InPath('span')]
    #[Idempotent]
    #[Takes('WatchedSpanRequest')]
    #[Answers(200, 'Recorded', 'The clock has stopped.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such time.')]
    #[Answers(422, 'Problem', 'The clock was forgotten.')]
    public function update(WatchedSpanRequest $request, WatchedSpan $span): JsonResponse
    {
        $span->update(['minutes' => $request->input('minutes') === null
            ? Watched::minutesBetween(LocalMoment::fromIso($span->began_at), Watches::now())
            : $request->integer('minutes')]);

        return response()->json(new Recorded($span->id));
    }

    #[OA\Delete(path: '/api/v1/watched-spans/{span}', operationId: 'undoWatching')]
    #[InPath('span')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such time.')]
    public function destroy(WatchedSpan $span): Response
    {
        $span->delete();

        return response()->noContent();
    }
}
