<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Requests\IdentityRequest;
use App\Http\Resources\Identity;
use App\Models\Fish;
use App\OpenApi\Answers;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\HatchDay;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What a fish is taken for: its measurements stay, its future is projected anew. */
final readonly class IdentityController
{
    #[OA\Put(path: '/api/v1/fish/{fish}/identity', operationId: 'identifyFish')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('IdentityRequest')]
    #[Answers(200, 'Identity', 'Taken for this from now on; what it was taken for before stays in the history.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'Unknown species, or shares that leave nothing for its own.')]
    public function update(IdentityRequest $request, Fish $fish, FacilityReader $reader): JsonResponse
    {
        $candidates = $request->candidates();
        if ($request->filled('hatched_on')) {
            $kept = $reader->read($fish->id);
            HatchDay::check($kept->fish($fish->id), LocalDate::fromIso($request->string('hatched_on')->value()), $kept->facility->date);
        }
        $fish->update([
            'species_id' => $request->integer('species_id'),
            'sex' => $request->input('sex'),
            'hatched_on' => $request->input('hatched_on'),
        ]);

        $fish->mayBe($candidates);

        return response()->json(Identity::from($fish));
    }
}
