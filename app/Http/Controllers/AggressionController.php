<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Requests\GoingsOnRequest;
use App\Http\Resources\AggressionSheet;
use App\Http\Resources\GoingsOnSheet;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\InPath;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Who goes for whom in a system. */
final readonly class AggressionController
{
    public function __construct(private FacilityReader $reader)
    {
    }

    #[OA\Get(path: '/api/v1/systems/{system}/aggression', operationId: 'showAggression')]
    #[InPath('system')]
    #[Answers(200, 'AggressionSheet', 'What the last year tells.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such system.')]
    public function show(System $system): JsonResponse
    {
        return response()->json(AggressionSheet::from($this->reader->read(), $system->id));
    }

    #[OA\Get(path: '/api/v1/systems/{system}/goings-on', operationId: 'showGoingsOn')]
    #[InPath('system')]
    #[OA\Parameter(name: 'date', in: 'query', required: true, schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Parameter(name: 'time', in: 'query', description: 'HH:MM, when it is known.', schema: new OA\Schema(type: 'string'))]
    #[Answers(200, 'GoingsOnSheet', 'What the log knows of that time.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'Not a day or a time.')]
    public function goingsOn(GoingsOnRequest $request, System $system): JsonResponse
    {
        return response()->json(GoingsOnSheet::from($this->reader->read(), $system->id, $request->day(), $request->minute()));
    }
}
