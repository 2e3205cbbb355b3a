<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\CircumstancesRequest;
use App\Http\Resources\Circumstances;
use App\Models\Fish;
use App\OpenApi\Answers;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class CircumstancesController
{
    #[OA\Put(path: '/api/v1/fish/{fish}/circumstances', operationId: 'changeCircumstances')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('CircumstancesRequest')]
    #[Answers(200, 'Circumstances', 'Written down.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'Not on the list, or too long.')]
    public function update(CircumstancesRequest $request, Fish $fish): JsonResponse
    {
        $fish->update($request->safe(['name', 'purpose', 'origin', 'fallback']));

        return response()->json(Circumstances::from($fish));
    }
}
