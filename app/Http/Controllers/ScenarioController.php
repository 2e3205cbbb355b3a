<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\OpenApi\Answers;
use App\Scenario\ScenarioWriter;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The place as a scenario: one file that the commands read. */
final readonly class ScenarioController
{
    #[OA\Get(path: '/api/v1/scenario', operationId: 'fetchScenario', responses: [
        new OA\Response(response: 200, description: 'As docs/formats/scenario.schema.json describes it.', content: new OA\JsonContent(type: 'object', additionalProperties: true)),
    ])]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function show(FacilityReader $reader): JsonResponse
    {
        return response()->json((new ScenarioWriter($reader->read()))->document(), 200, ['Content-Disposition' => 'attachment; filename="scenario.json"'], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
