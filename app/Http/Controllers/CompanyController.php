<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Requests\CompanyRequest;
use App\Http\Resources\CompanySheet;
use App\OpenApi\Answers;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Who can live with whom. */
final readonly class CompanyController
{
    /** More than this on one sheet nobody reads. */
    private const MOST = 40;

    #[OA\Get(path: '/api/v1/company', operationId: 'showCompany')]
    #[OA\Parameter(name: 'system_id', in: 'query', description: 'Those who live there; absent: all.', schema: new OA\Schema(type: 'integer'))]
    #[Answers(200, 'CompanySheet', 'Every two of them.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(422, 'Problem', 'No such system.')]
    public function show(CompanyRequest $request, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        $fish = $request->filled('system_id') ? $kept->facility->residentsOf($kept->system($request->integer('system_id'))) : array_values($kept->facility->fish);

        return response()->json(CompanySheet::from($kept, array_slice($fish, 0, self::MOST), max(0, count($fish) - self::MOST)));
    }
}
