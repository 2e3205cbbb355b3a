<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Corrections\LengthCorrection;
use App\Http\Problems;
use App\Http\Requests\MeasurementRequest;
use App\Http\Resources\MeasurementEntry;
use App\Models\Fish;
use App\Models\Measurement;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Growth\LengthReview;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final readonly class MeasurementController
{
    /** More lengths of one fish than anybody takes; keeps the list bounded. */
    public const MOST = 2000;

    public function __construct(private FacilityReader $reader)
    {
    }

    #[OA\Get(path: '/api/v1/fish/{fish}/measurements', operationId: 'listMeasurements')]
    #[InPath('fish')]
    #[AnswersList('MeasurementEntry', 'Its lengths, oldest first.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    public function index(Fish $fish): JsonResponse
    {
        return response()->json(
            Measurement::query()->where('fish_id', $fish->id)->orderBy('date')->orderBy('id')->limit(self::MOST)->get()
                ->map(MeasurementEntry::from(...))->values(),
        );
    }

    #[OA\Post(path: '/api/v1/fish/{fish}/measurements', operationId: 'addMeasurement')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('MeasurementRequest')]
    #[Answers(201, 'MeasurementEntry', 'Recorded.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'Not a length, not a day, or so unlikely that it is asked about.')]
    public function store(MeasurementRequest $request, Fish $fish): JsonResponse
    {
        $kept = $this->reader->read($fish->id);
        $entry = $request->measured($kept->units);
        $review = LengthReview::of($kept->growth, $kept->fish($fish->id), $entry);
        if ($review->question !== null && ! $request->boolean('keep')) {
            return Problems::questionAbout('length', $review);
        }
        $measurement = Measurement::query()->create([
            ...LengthCorrection::of($entry),
            'fish_id' => $fish->id,
            'user_id' => $request->user()?->id,
            'version' => 1,
        ]);

        return response()->json(MeasurementEntry::from($measurement), 201);
    }

    #[OA\Put(path: '/api/v1/measurements/{measurement}', operationId: 'correctMeasurement')]
    #[InPath('measurement')]
    #[Idempotent]
    #[Takes('MeasurementRequest')]
    #[Answers(200, 'MeasurementEntry', 'Corrected; the old value stays in the history.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such length.')]
    #[Answers(409, 'Problem', 'It was changed meanwhile; the present entry comes along.')]
    #[Answers(422, 'Problem', 'Not a length, not a day, or so unlikely that it is asked about.')]
    public function update(MeasurementRequest $request, Measurement $measurement): JsonResponse
    {
        $kept = $this->reader->read($measurement->fish_id, $measurement->id);
        $entry = $request->measured($kept->units);
        $review = LengthReview::of($kept->growth, $kept->fish($measurement->fish_id), $entry);
        if ($review->question !== null && ! $request->boolean('keep')) {
            return Problems::questionAbout('length', $review);
        }
        $measurement->changeFrom($request->integer('version'), LengthCorrection::corrected($entry));

        return response()->json(MeasurementEntry::from($measurement));
    }

    #[OA\Delete(path: '/api/v1/measurements/{measurement}', operationId: 'deleteMeasurement')]
    #[InPath('measurement')]
    #[Idempotent]
    #[AnswersNothing('Taken out; it can be put back.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such length.')]
    public function destroy(Measurement $measurement): Response
    {
        $measurement->delete();

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/measurements/{measurement}/restore', operationId: 'restoreMeasurement')]
    #[InPath('measurement')]
    #[Idempotent]
    #[Answers(200, 'MeasurementEntry', 'Put back.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such length.')]
    public function restore(Measurement $measurement): JsonResponse
    {
        $measurement->restore();

        return response()->json(MeasurementEntry::from($measurement));
    }
}
