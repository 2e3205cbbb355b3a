<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\HeadCountEvents;
use App\Http\Corrections\CountCorrection;
use App\Http\Requests\CountRequest;
use App\Http\Resources\CountSheet;
use App\Http\Resources\Recorded;
use App\Models\Count;
use App\Models\Fish;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final readonly class CountController
{
    #[OA\Get(path: '/api/v1/fish/{fish}/counts', operationId: 'showCounts')]
    #[InPath('fish')]
    #[Answers(200, 'CountSheet', 'How many were believed there, what was counted, and what follows.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such shoal.')]
    public function index(Fish $fish, FacilityReader $reader, HeadCountEvents $events): JsonResponse
    {
        return response()->json(CountSheet::from($reader->read($fish->id), $fish, $events->byFish()[$fish->id] ?? []));
    }

    #[OA\Post(path: '/api/v1/fish/{fish}/counts', operationId: 'addCount')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('CountRequest')]
    #[Answers(201, 'Recorded', 'Recorded.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such shoal.')]
    #[Answers(422, 'Problem', 'Not a number or not a day.')]
    public function store(CountRequest $request, Fish $fish, CountCorrection $counts): JsonResponse
    {
        $entry = Count::query()->create([...$counts->checked($request, $fish), 'fish_id' => $fish->id, 'user_id' => $request->user()?->id]);

        return response()->json(new Recorded($entry->id), 201);
    }

    #[OA\Delete(path: '/api/v1/counts/{count}', operationId: 'undoCount')]
    #[InPath('count')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such count.')]
    public function destroy(Count $count): Response
    {
        $count->delete();

        return response()->noContent();
    }
}
