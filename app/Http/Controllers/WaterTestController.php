<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Corrections\TestCorrection;
use App\Http\Requests\WaterTestRequest;
use App\Http\Resources\Recorded;
use App\Models\System;
use App\Models\WaterTest as Written;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final readonly class WaterTestController
{
    #[OA\Post(path: '/api/v1/systems/{system}/water-tests', operationId: 'addWaterTest')]
    #[InPath('system')]
    #[Idempotent]
    #[Takes('WaterTestRequest')]
    #[Answers(201, 'Recorded', 'Recorded.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'A value that cannot be, or is so unlikely that it is asked about.')]
    public function store(WaterTestRequest $request, System $system): JsonResponse
    {
        $written = Written::query()->create([...TestCorrection::checked($request), 'system_id' => $system->id, 'user_id' => $request->user()?->id]);

        return response()->json(new Recorded($written->id), 201);
    }

    #[OA\Delete(path: '/api/v1/water-tests/{test}', operationId: 'undoWaterTest')]
    #[InPath('test')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such test.')]
    public function destroy(Written $test): Response
    {
        $test->delete();

        return response()->noContent();
    }
}
