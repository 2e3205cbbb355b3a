<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Requests\SettlementRequest;
use App\Http\Resources\Recorded;
use App\Models\Settlement;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final readonly class SettlementController
{
    #[OA\Post(path: '/api/v1/settlements', operationId: 'settle')]
    #[Idempotent]
    #[Takes('SettlementRequest')]
    #[Answers(201, 'Recorded', 'It is left alone again, as of today.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'No such fish.')]
    public function store(SettlementRequest $request, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        $fish = $kept->find($request->integer('fish_id')) ?? throw InvalidEntry::because('fish_id', Finding::of('entry.no_such_fish'));
        $settlement = Settlement::query()->create(['fish_id' => $kept->kept($fish)->id, 'date' => $kept->facility->date->toIso(), 'user_id' => $request->user()?->id]);

        return response()->json(new Recorded($settlement->id), 201);
    }

    #[OA\Delete(path: '/api/v1/settlements/{settlement}', operationId: 'undoSettlement')]
    #[InPath('settlement')]
    #[Idempotent]
    #[AnswersNothing('Taken out: the case is open again.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such entry.')]
    public function destroy(Settlement $settlement): Response
    {
        $settlement->delete();

        return response()->noContent();
    }
}
