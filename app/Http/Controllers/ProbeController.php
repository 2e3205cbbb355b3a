<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ProbeRequest;
use App\Http\Resources\NewProbe;
use App\Models\Probe;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

final readonly class ProbeController
{
    #[OA\Post(path: '/api/v1/systems/{system}/probes', operationId: 'addProbe')]
    #[InPath('system')]
    #[Takes('ProbeRequest')]
    #[Answers(201, 'NewProbe', 'Added; its token is shown this once.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'It needs a name.')]
    public function store(ProbeRequest $request, System $system): JsonResponse
    {
        [$probe, $token] = DB::transaction(function () use ($request, $system): array {
            $probe = Probe::query()->create(['system_id' => $system->id, 'name' => $request->input('name')]);

            return [$probe, $probe->createToken($probe->name, [Probe::MAY_POST])->plainTextToken];
        });

        return response()->json(new NewProbe($probe->id, $token), 201);
    }

    #[OA\Delete(path: '/api/v1/probes/{probe}', operationId: 'removeProbe')]
    #[InPath('probe')]
    #[Idempotent]
    #[AnswersNothing('Its token no longer holds; its readings stay.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such probe.')]
    public function destroy(Probe $probe): Response
    {
        $probe->tokens()->delete();
        $probe->delete();

        return response()->noContent();
    }
}
