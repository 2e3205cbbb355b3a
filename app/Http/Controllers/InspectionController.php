<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Corrections\InspectionCorrection;
use App\Http\Requests\InspectionRequest;
use App\Http\Resources\Recorded;
use App\Models\Fish;
use App\Models\Inspection;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final readonly class InspectionController
{
    #[OA\Post(path: '/api/v1/fish/{fish}/inspections', operationId: 'addInspection')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('InspectionRequest')]
    #[Answers(201, 'Recorded', 'Recorded.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'Not a day, or nothing that was looked at.')]
    public function store(InspectionRequest $request, Fish $fish, InspectionCorrection $inspections): JsonResponse
    {
        $entry = Inspection::query()->create([...$inspections->checked($request, $fish->id), 'fish_id' => $fish->id, 'user_id' => $request->user()?->id]);

        return response()->json(new Recorded($entry->id), 201);
    }

    #[OA\Delete(path: '/api/v1/inspections/{inspection}', operationId: 'undoInspection')]
    #[InPath('inspection')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such inspection.')]
    public function destroy(Inspection $inspection): Response
    {
        $inspection->delete();

        return response()->noContent();
    }
}
