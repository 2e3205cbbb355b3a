<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\PlanBook;
use App\Http\Resources\RescueRow;
use App\Http\Resources\RescueSheet;
use App\Models\System as SystemRecord;
use App\OpenApi\Answers;
use App\OpenApi\InPath;
use Biomegas\Planning\Rescue\Rescue;
use Biomegas\Planning\Rescue\RescuePlace;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A system fails tonight. */
final readonly class RescueController
{
    private const MINUTES_PER_DAY = 1440;

    #[OA\Get(path: '/api/v1/systems/{system}/rescue', operationId: 'showRescue')]
    #[InPath('system')]
    #[Answers(200, 'RescueSheet', 'Who goes where, in which order, for how long.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such system.')]
    public function show(SystemRecord $system, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        $failed = $kept->system($system->id);
        $lodgers = (new PlanBook($kept))->lodgers($kept->facility);
        $minutes = Rescue::minutesLeft($failed, $kept->facility, $lodgers);

        return response()->json(new RescueSheet(
            $failed->name, $minutes > self::MINUTES_PER_DAY ? null : (int) floor($minutes),
            array_map(fn (RescuePlace $place): RescueRow => RescueRow::from($kept, $place), Rescue::from($failed, $kept->facility, $lodgers)),
        ));
    }
}
