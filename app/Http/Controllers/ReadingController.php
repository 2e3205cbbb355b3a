<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\ReadingLog;
use App\Http\Requests\ReadingsRequest;
use App\Http\Resources\ReadingsRecorded;
use App\Http\Resources\WaterChart;
use App\Language\RequestMessages;
use App\Models\FacilitySettings;
use App\Models\Probe;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Water\Test\Quantity;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

/** Readings of probes: posted by the devices, looked at by keepers. */
final readonly class ReadingController
{
    private const USUAL_DAYS = 90;

    private const MOST_DAYS = 1100;

    #[OA\Post(path: '/api/v1/device/readings', operationId: 'postReadings', description: 'For probes, which sign in with their token (Authorization: Bearer). A reading that was posted before is recorded once; they may come late and out of order.')]
    #[Takes('ReadingsRequest')]
    #[Answers(200, 'ReadingsRecorded', 'Recorded.')]
    #[Answers(401, 'Problem', 'The token is not known.')]
    #[Answers(422, 'Problem', 'A reading that cannot be; none of them was recorded.')]
    public function store(ReadingsRequest $request, ReadingLog $log): JsonResponse
    {
        $probe = self::probe($request->user());
        $readings = $request->readings();
        $new = DB::transaction(fn (): int => $log->record($probe->system_id, $readings));

        return response()->json(new ReadingsRecorded($new, count($readings) - $new));
    }

    /** A token may stand for a probe as well as for a person. */
    private static function probe(mixed $signedIn): Probe
    {
        return $signedIn instanceof Probe && $signedIn->tokenCan(Probe::MAY_POST) ? $signedIn : throw new AuthenticationException;
    }

    #[OA\Get(path: '/api/v1/systems/{system}/readings', operationId: 'showReadings')]
    #[InPath('system')]
    #[OA\Parameter(name: 'quantity', in: 'query', required: true, schema: new OA\Schema(type: 'string', enum: Quantity::class))]
    #[OA\Parameter(name: 'days', in: 'query', description: 'How far back; up to three days every reading, beyond that by day.', schema: new OA\Schema(type: 'integer', minimum: 1, maximum: 1100))]
    #[Answers(200, 'WaterChart', 'Oldest first.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'Not a quantity, or too far back.')]
    public function show(Request $request, System $system): JsonResponse
    {
        $asked = $request->validate([
            'quantity' => ['required', 'in:'.implode(',', array_column(Quantity::cases(), 'value'))],
            'days' => ['integer', 'min:1', 'max:'.self::MOST_DAYS],
        ], RequestMessages::of('reading_chart'));

        return response()->json(WaterChart::of($system, Quantity::from($asked['quantity']), FacilityReader::today(FacilitySettings::query()->firstOrFail()), (int) ($asked['days'] ?? self::USUAL_DAYS)));
    }
}
