<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Corrections\WorkCorrection;
use App\Http\Requests\WaterWorkRequest;
use App\Http\Resources\Recorded;
use App\Models\System;
use App\Models\WaterWork;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** Water changes, and what was done to a filter. */
final readonly class WaterWorkController
{
    #[OA\Post(path: '/api/v1/systems/{system}/water-works', operationId: 'addWaterWork')]
    #[InPath('system')]
    #[Idempotent]
    #[Takes('WaterWorkRequest')]
    #[Answers(201, 'Recorded', 'Recorded.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'It cannot have been done like this.')]
    public function store(WaterWorkRequest $request, System $system): JsonResponse
    {
        $work = WaterWork::query()->create([...WorkCorrection::checked($request), 'system_id' => $system->id, 'user_id' => $request->user()?->id]);

        return response()->json(new Recorded($work->id), 201);
    }

    #[OA\Delete(path: '/api/v1/water-works/{work}', operationId: 'undoWaterWork')]
    #[InPath('work')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such entry.')]
    public function destroy(WaterWork $work): Response
    {
        $work->delete();

        return response()->noContent();
    }
}
