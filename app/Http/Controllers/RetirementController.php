<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\Systems;
use App\Http\Resources\FormerSystem;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** Systems that are homes no more: nothing of them is lost. */
final readonly class RetirementController
{
    public function __construct(private Systems $systems)
    {
    }

    #[OA\Get(path: '/api/v1/former-systems', operationId: 'listFormerSystems')]
    #[AnswersList('FormerSystem', 'The last retired first.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function index(): JsonResponse
    {
        return response()->json(System::query()->whereNotNull('retired_on')->orderByDesc('retired_on')->orderBy('id')->get()->map(FormerSystem::from(...))->values());
    }

    #[OA\Post(path: '/api/v1/systems/{system}/retirement', operationId: 'retireSystem')]
    #[InPath('system')]
    #[Idempotent]
    #[AnswersNothing('Out of use from today.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'Somebody lives there or is to come.')]
    public function store(System $system, FacilityReader $reader): Response
    {
        $this->systems->retire($system, $reader->read());

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/v1/systems/{system}/retirement', operationId: 'useSystemAgain')]
    #[InPath('system')]
    #[Idempotent]
    #[AnswersNothing('In use again.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such system.')]
    public function destroy(System $system): Response
    {
        $this->systems->useAgain($system);

        return response()->noContent();
    }
}
