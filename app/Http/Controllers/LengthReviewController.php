<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Requests\MeasurementRequest;
use App\Http\Resources\Review;
use App\Models\Fish;
use App\OpenApi\Answers;
use App\OpenApi\InPath;
use Biomegas\Facility\LengthKind;
use Biomegas\Growth\LengthReview;
use Biomegas\Rulebook\Method;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class LengthReviewController
{
    public function __construct(private FacilityReader $reader)
    {
    }

    #[OA\Get(path: '/api/v1/fish/{fish}/length-review', operationId: 'reviewLength')]
    #[InPath('fish')]
    #[OA\Parameter(name: 'length', in: 'query', required: true, schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'date', in: 'query', required: true, schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Parameter(name: 'method', in: 'query', required: true, schema: new OA\Schema(type: 'string', enum: Method::class))]
    #[OA\Parameter(name: 'length_kind', in: 'query', description: 'How it was taken; empty: as its species is stated.', schema: new OA\Schema(type: 'string', enum: LengthKind::class))]
    #[Answers(200, 'Review', 'How the length would be read, and whether it is believable.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'Not a length or not a day.')]
    public function show(MeasurementRequest $request, Fish $fish): JsonResponse
    {
        $kept = $this->reader->read($fish->id);
        $entry = $request->measured($kept->units);
        $review = LengthReview::of($kept->growth, $kept->fish($fish->id), $entry);

        return response()->json(Review::from($entry->length, $review, $kept->units));
    }
}
