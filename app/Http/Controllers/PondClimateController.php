<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\PondClimateRow;
use App\Models\FacilitySettings;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use Biomegas\Facility\PondClimate;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What a pond begins with whose water nobody has measured through a year. */
final readonly class PondClimateController
{
    #[OA\Get(path: '/api/v1/pond-climates', operationId: 'listPondClimates')]
    #[AnswersList('PondClimateRow', 'Twelve means each.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function index(): JsonResponse
    {
        $units = FacilitySettings::query()->firstOrFail()->units();

        return response()->json(array_map(fn (PondClimate $climate): PondClimateRow => PondClimateRow::from($climate, $units), PondClimate::cases()));
    }
}
