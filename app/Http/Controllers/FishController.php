<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Resources\Circumstances;
use App\Http\Resources\FishRow;
use App\Http\Resources\FishSheet;
use App\Http\Resources\Identity;
use App\Models\Fish;
use App\Models\Measurement;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use App\OpenApi\InPath;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class FishController
{
    public function __construct(private FacilityReader $reader)
    {
    }

    #[OA\Get(path: '/api/v1/fish', operationId: 'listFish')]
    #[AnswersList('FishRow', 'All fish and shoals that are there.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function index(): JsonResponse
    {
        $kept = $this->reader->read();

        return response()->json(FishRow::all($kept));
    }

    #[OA\Get(path: '/api/v1/fish/{fish}', operationId: 'showFish')]
    #[InPath('fish')]
    #[Answers(200, 'FishSheet', 'Its sheet.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    public function show(Fish $fish): JsonResponse
    {
        $kept = $this->reader->read($fish->id);
        $measurements = Measurement::query()->where('fish_id', $fish->id)->orderBy('date')->orderBy('id')->limit(MeasurementController::MOST)->get();

        return response()->json(FishSheet::from($kept, $kept->fish($fish->id), Identity::from($fish), Circumstances::from($fish), $measurements));
    }
}
