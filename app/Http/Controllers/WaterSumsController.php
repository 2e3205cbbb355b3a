<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Requests\RefillRequest;
use App\Http\Requests\TubRequest;
use App\Http\Resources\RefillSheet;
use App\Http\Resources\TubSheet;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\InPath;
use Biomegas\Water\Oxygen;
use Biomegas\Water\Refill;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Sums of the fish room: a refill, and how long the oxygen of a tub lasts. */
final readonly class WaterSumsController
{
    #[OA\Get(path: '/api/v1/systems/{system}/refill', operationId: 'showRefill')]
    #[InPath('system')]
    #[OA\Parameter(name: 'percent', in: 'query', required: true, schema: new OA\Schema(type: 'number'))]
    #[OA\Parameter(name: 'cold', in: 'query', required: true, description: 'Of the cold tap, as typed.', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'hot', in: 'query', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'fill', in: 'query', description: 'What goes in; left out: as warm as the system.', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'dose', in: 'query', description: 'Millilitres of a product for 100 litres, from its label.', schema: new OA\Schema(type: 'number'))]
    #[Answers(200, 'RefillSheet', 'The litres.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'Something that cannot be.')]
    public function refill(RefillRequest $request, System $system, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        $home = $kept->system($system->id);
        $celsius = $kept->celsiusNow($home);
        $refill = Refill::of($home->waterLitres(), $request->share(), $celsius, $request->celsius('cold', $kept->units), $request->celsius('hot', $kept->units), $request->filled('fill') ? $request->celsius('fill', $kept->units) : $celsius);

        return response()->json(RefillSheet::from($refill, $celsius, $request->filled('dose') ? $request->float('dose') : null, $kept->says()));
    }

    #[OA\Get(path: '/api/v1/fish/{fish}/tub', operationId: 'showTub')]
    #[InPath('fish')]
    #[OA\Parameter(name: 'litres', in: 'query', required: true, description: 'Of the tub, as typed.', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'celsius', in: 'query', description: 'Of its water, as typed; left out: as in its home.', schema: new OA\Schema(type: 'string'))]
    #[Answers(200, 'TubSheet', 'How long its oxygen lasts.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'Something that cannot be.')]
    public function tub(TubRequest $request, int $fish, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        $single = $kept->fish($fish);
        $home = $kept->facility->systems[$single->currentSystem()];
        $celsius = $request->filled('celsius') ? $request->celsius('celsius', $kept->units) : $kept->celsiusNow($home);
        $mass = $kept->massOf($single);

        return response()->json(TubSheet::from(Oxygen::minutesWithoutAir($request->litres($kept->units), $mass, $celsius), $mass, $celsius, $single->name, $kept->says()));
    }
}
