<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Corrections\SpendingCorrection;
use App\Http\Requests\SpendingRequest;
use App\Http\Resources\CostSheet;
use App\Http\Resources\Recorded;
use App\Models\Spending;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** What keeping costs, computed and paid. */
final readonly class CostController
{
    #[OA\Get(path: '/api/v1/costs', operationId: 'showCosts')]
    #[Answers(200, 'CostSheet', 'By system, fish and year.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function show(FacilityReader $reader): JsonResponse
    {
        return response()->json(CostSheet::from($reader->read()));
    }

    #[OA\Post(path: '/api/v1/spendings', operationId: 'addSpending')]
    #[Idempotent]
    #[Takes('SpendingRequest')]
    #[Answers(201, 'Recorded', 'Written down.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(422, 'Problem', 'It cannot have been paid like this.')]
    public function store(SpendingRequest $request): JsonResponse
    {
        $spending = Spending::query()->create([...SpendingCorrection::checked($request), 'user_id' => $request->user()?->id]);

        return response()->json(new Recorded($spending->id), 201);
    }

    #[OA\Delete(path: '/api/v1/spendings/{spending}', operationId: 'undoSpending')]
    #[InPath('spending')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(404, 'Problem', 'No such entry.')]
    public function undo(Spending $spending): Response
    {
        $spending->delete();

        return response()->noContent();
    }
}
