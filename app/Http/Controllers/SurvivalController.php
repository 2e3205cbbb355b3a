<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\LifeBook;
use App\Facility\LifeGroups;
use App\Http\Requests\SurvivalRequest;
use App\Http\Resources\SurvivalSheet;
use App\OpenApi\Answers;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** How long those that came live. */
final readonly class SurvivalController
{
    #[OA\Get(path: '/api/v1/survival', operationId: 'showSurvival')]
    #[OA\Parameter(name: 'by', in: 'query', description: 'Also of each group by itself.', schema: new OA\Schema(type: 'string', enum: LifeGroups::class))]
    #[Answers(200, 'SurvivalSheet', 'Of all that ever came, and of each group.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(422, 'Problem', 'No such way to group them.')]
    public function show(SurvivalRequest $request, LifeBook $book, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();

        return response()->json(SurvivalSheet::from($kept, $book->until($kept->facility->date), $request->by()?->names() ?? []));
    }
}
