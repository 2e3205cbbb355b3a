<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\Systems;
use App\Http\Requests\RouteRequest;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\Takes;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** The order in which the round is walked. */
final readonly class RouteController
{
    #[OA\Put(path: '/api/v1/route', operationId: 'changeRoute')]
    #[Idempotent]
    #[Takes('RouteRequest')]
    #[AnswersNothing('Walked so from now on.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    #[Answers(422, 'Problem', 'A system is missing, or named twice.')]
    public function update(RouteRequest $request, Systems $systems): Response
    {
        $systems->walk($request->systems());

        return response()->noContent();
    }
}
