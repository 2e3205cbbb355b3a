<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Requests\AttemptRequest;
use App\Http\Resources\Recorded;
use App\Models\Attempt;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** What was done against chasing, and whether it helped. */
final readonly class AttemptController
{
    #[OA\Post(path: '/api/v1/systems/{system}/attempts', operationId: 'addAttempt')]
    #[InPath('system')]
    #[Idempotent]
    #[Takes('AttemptRequest')]
    #[Answers(201, 'Recorded', 'Done, today.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'A field is wrong.')]
    public function store(AttemptRequest $request, System $system, FacilityReader $reader): JsonResponse
    {
        $attempt = Attempt::query()->create([
            'system_id' => $system->id, 'date' => $reader->read()->facility->date->toIso(), 'intervention' => $request->input('intervention'), 'success' => $request->input('success'), 'user_id' => $request->user()?->id,
        ]);

        return response()->json(new Recorded($attempt->id), 201);
    }

    #[OA\Put(path: '/api/v1/attempts/{attempt}', operationId: 'judgeAttempt')]
    #[InPath('attempt')]
    #[Idempotent]
    #[Takes('AttemptRequest')]
    #[Answers(200, 'Recorded', 'What came of it is written down.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such attempt.')]
    #[Answers(422, 'Problem', 'A field is wrong.')]
    public function update(AttemptRequest $request, Attempt $attempt): JsonResponse
    {
        $attempt->update(['intervention' => $request->input('intervention'), 'success' => $request->input('success')]);

        return response()->json(new Recorded($attempt->id));
    }

    #[OA\Delete(path: '/api/v1/attempts/{attempt}', operationId: 'undoAttempt')]
    #[InPath('attempt')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such attempt.')]
    public function destroy(Attempt $attempt): Response
    {
        $attempt->delete();

        return response()->noContent();
    }
}
