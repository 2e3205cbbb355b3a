<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Resources\Today;
use App\OpenApi\Answers;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class TodayController
{
    public function __construct(private FacilityReader $reader)
    {
    }

    #[OA\Get(path: '/api/v1/today', operationId: 'showToday')]
    #[Answers(200, 'Today', 'The round.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function show(): JsonResponse
    {
        return response()->json(Today::from($this->reader->read()));
    }
}
