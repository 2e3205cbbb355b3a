<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Requests\RulebookRequest;
use App\Http\Resources\RulebookSheet;
use App\Models\FacilitySettings;
use App\OpenApi\Answers;
use App\OpenApi\Idempotent;
use App\OpenApi\Takes;
use App\Scenario\ScenarioReader;
use Biomegas\Facility\Description\ImpossiblePicture;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class RulebookController
{
    #[OA\Get(path: '/api/v1/rulebook', operationId: 'showRulebook')]
    #[Answers(200, 'RulebookSheet', 'With what each other answer would change today.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function show(FacilityReader $reader): JsonResponse
    {
        return response()->json(RulebookSheet::from($reader->read()));
    }

    #[OA\Put(path: '/api/v1/rulebook', operationId: 'changeRulebook')]
    #[Idempotent]
    #[Takes('RulebookRequest')]
    #[Answers(200, 'RulebookSheet', 'Changed; every verdict and date follows it.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'An answer or number that cannot be.')]
    public function update(RulebookRequest $request, FacilityReader $reader): JsonResponse
    {
        $document = $request->document();
        try {
            ScenarioReader::rulebook($document);
        } catch (ImpossiblePicture $e) {
            throw InvalidEntry::because('exceptions', $e->finding());
        }
        FacilitySettings::query()->firstOrFail()->update(['rulebook' => $document]);

        return response()->json(RulebookSheet::from($reader->read()));
    }
}
