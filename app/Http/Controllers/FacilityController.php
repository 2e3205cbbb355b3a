<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\FacilityRequest;
use App\Http\Resources\Place;
use App\Models\FacilitySettings;
use App\OpenApi\Answers;
use App\OpenApi\Idempotent;
use App\OpenApi\Takes;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** How the place is called, in which units it measures and what it pays in. */
final readonly class FacilityController
{
    #[OA\Get(path: '/api/v1/facility', operationId: 'showFacility')]
    #[Answers(200, 'Place', 'As it is now.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function show(): JsonResponse
    {
        return response()->json(Place::from(FacilitySettings::query()->firstOrFail()));
    }

    #[OA\Put(path: '/api/v1/facility', operationId: 'changeFacility')]
    #[Idempotent]
    #[Takes('FacilityRequest')]
    #[Answers(200, 'Place', 'Changed.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'A field is missing or wrong.')]
    public function update(FacilityRequest $request): JsonResponse
    {
        $settings = FacilitySettings::query()->firstOrFail();
        $settings->update(['name' => $request->input('facility'), ...$request->safe(['unit_system', 'time_zone']), 'currency' => $request->input('currency'), 'units_apart' => $request->unitsApart(), ...array_filter(['rhythm' => $request->rhythm()])]);

        return response()->json(Place::from($settings));
    }
}
