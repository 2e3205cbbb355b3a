<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Requests\PairVerdictRequest;
use App\Http\Resources\Recorded;
use App\Models\PairVerdict;
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

final readonly class PairVerdictController
{
    #[OA\Post(path: '/api/v1/pair-verdicts', operationId: 'judgePair')]
    #[Idempotent]
    #[Takes('PairVerdictRequest')]
    #[Answers(201, 'Recorded', 'It counts from now on, in place of any before.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'Not two fish, or no reason.')]
    public function store(PairVerdictRequest $request, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        foreach (['one_id', 'other_id'] as $field) {
            $kept->find($request->integer($field)) ?? throw InvalidEntry::because($field, Finding::of('entry.no_such_fish'));
        }
        $verdict = PairVerdict::query()->create([
            'fish_id' => $request->integer('one_id'), 'other_id' => $request->integer('other_id'), 'date' => $kept->facility->date->toIso(),
            'verdict' => $request->input('verdict'), 'reason' => $request->input('reason'), 'user_id' => $request->user()?->id,
        ]);

        return response()->json(new Recorded($verdict->id), 201);
    }

    #[OA\Delete(path: '/api/v1/pair-verdicts/{verdict}', operationId: 'withdrawVerdict')]
    #[InPath('verdict')]
    #[Idempotent]
    #[AnswersNothing('Taken out: what was said before it counts again.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such verdict.')]
    public function destroy(PairVerdict $verdict): Response
    {
        $verdict->delete();

        return response()->noContent();
    }
}
