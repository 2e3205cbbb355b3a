<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\TemperRequest;
use App\Http\Resources\Recorded;
use App\Models\Fish;
use App\OpenApi\Answers;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class TemperController
{
    #[OA\Put(path: '/api/v1/fish/{fish}/temper', operationId: 'stateTemper')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('TemperRequest')]
    #[Answers(200, 'Recorded', 'It counts from now on; the change stays in the history.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'No such temper.')]
    public function update(TemperRequest $request, Fish $fish): JsonResponse
    {
        $fish->update(['temper' => $request->input('temper')]);

        return response()->json(new Recorded($fish->id));
    }
}
