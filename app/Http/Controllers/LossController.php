<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Corrections\LossCorrection;
use App\Http\Requests\LossRequest;
use App\Http\Resources\Recorded;
use App\Models\Fish;
use App\Models\Loss;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final readonly class LossController
{
    #[OA\Post(path: '/api/v1/fish/{fish}/losses', operationId: 'addLoss')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('LossRequest')]
    #[Answers(201, 'Recorded', 'Recorded.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'It cannot have happened like this.')]
    public function store(LossRequest $request, Fish $fish, LossCorrection $losses): JsonResponse
    {
        $entry = Loss::query()->create([...$losses->checked($request, $fish), 'fish_id' => $fish->id, 'user_id' => $request->user()?->id]);

        return response()->json(new Recorded($entry->id), 201);
    }

    #[OA\Delete(path: '/api/v1/losses/{loss}', operationId: 'undoLoss')]
    #[InPath('loss')]
    #[Idempotent]
    #[AnswersNothing('Taken out; the fish is back.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such loss.')]
    public function destroy(Loss $loss): Response
    {
        $loss->delete();

        return response()->noContent();
    }
}
