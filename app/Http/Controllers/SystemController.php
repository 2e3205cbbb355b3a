<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Resources\SystemSheet;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class SystemController
{
    public function __construct(private FacilityReader $reader)
    {
    }

    #[OA\Get(path: '/api/v1/systems', operationId: 'listSystems')]
    #[AnswersList('SystemSheet', 'In walking order.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function index(): JsonResponse
    {
        return response()->json(SystemSheet::all($this->reader->read()));
    }
}
