<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\RationLog;
use App\Facility\TenthMm;
use App\Http\Requests\KeepingRequest;
use App\Http\Resources\Keeping;
use App\Models\Fish;
use App\OpenApi\Answers;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Facility\StatedAdult;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** How a fish is fed and what adult size its keeper expects of it. */
final readonly class KeepingController
{
    #[OA\Put(path: '/api/v1/fish/{fish}/keeping', operationId: 'keepFish')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('KeepingRequest')]
    #[Answers(200, 'Keeping', 'Kept so from today on; how it was kept before stays in the history.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'An unknown ration, or an adult length that cannot be.')]
    public function update(KeepingRequest $request, Fish $fish, FacilityReader $reader, RationLog $rations): JsonResponse
    {
        $kept = $reader->read($fish->id);
        $adultMm = $request->adultMm($kept->units);
        if ($adultMm !== null) {
            StatedAdult::check($kept->fish($fish->id), $adultMm);
        }
        $fish->update(['stated_adult_tenth_mm' => TenthMm::of($adultMm)]);
        $rations->feedFrom($kept->facility->date, $kept->fish($fish->id), $request->ration());
        $after = $reader->read($fish->id);

        return response()->json(Keeping::from($after->facility, $after->fish($fish->id)));
    }
}
