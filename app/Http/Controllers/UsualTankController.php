<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Resources\UsualTankRow;
use App\Models\FacilitySettings;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use Biomegas\Facility\Shape\UsualTank;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Tanks as they are sold, to fill in their sizes at once. */
final readonly class UsualTankController
{
    #[OA\Get(path: '/api/v1/usual-tanks', operationId: 'listUsualTanks')]
    #[AnswersList('UsualTankRow', 'Smallest first, in the units of the facility.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function index(): JsonResponse
    {
        $units = FacilitySettings::query()->firstOrFail()->units();

        return response()->json(array_map(fn (UsualTank $tank): UsualTankRow => UsualTankRow::from($tank, $units), UsualTank::soldIn($units->length)));
    }
}
