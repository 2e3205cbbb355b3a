<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\Arrivals;
use App\Facility\FacilityReader;
use App\Facility\Keys;
use App\Http\Requests\AcquireRequest;
use App\Http\Requests\TypedLength;
use App\Http\Resources\Recorded;
use App\Models\Fish;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Rulebook\Method;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** A fish or shoal comes home. */
final readonly class ArrivalController
{
    private const HUNDREDTHS = 100;

    #[OA\Post(path: '/api/v1/fish', operationId: 'acquireFish')]
    #[Idempotent]
    #[Takes('AcquireRequest')]
    #[Answers(201, 'Recorded', 'It lives here now.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'A field is missing or wrong.')]
    public function store(AcquireRequest $request, FacilityReader $reader, Arrivals $arrivals): JsonResponse
    {
        $kept = $reader->read();
        $system = $kept->facility->systems[Keys::ofSystem($request->integer('system_id'))] ?? throw InvalidEntry::because('system_id', Finding::of('entry.no_such_home'));
        if ($request->day()->isAfter($kept->facility->date)) {
            throw InvalidEntry::because('date', Finding::of('entry.day_to_come'));
        }
        if (! $system->isAvailableOn($request->day())) {
            throw InvalidEntry::because('system_id', Finding::of('entry.home_not_in_use', system: $system->name));
        }
        $fish = $arrivals->record([
            'name' => $request->input('name'),
            'species_id' => $request->integer('species_id'),
            'count' => $request->integer('count'),
            'arrived_on' => $request->day()->toIso(),
            'purpose' => $request->input('purpose') ?? 'display',
            'ration' => $kept->facility->rulebook->ration()->value,
            'sex' => $request->input('sex'),
            'origin' => $request->input('origin'),
            'fallback' => $request->input('fallback'),
            'price_hundredths' => $request->filled('price') ? (int) round($request->float('price') * self::HUNDREDTHS) : null,
            'arrival_note' => $request->input('arrival_note'),
        ], Keys::id($system->key), TypedLength::millimetres('length', $request->string('length')->value(), $kept->units), Method::tryFrom($request->string('method')->value()) ?? Method::Eye);

        return response()->json(new Recorded($fish->id), 201);
    }

    #[OA\Delete(path: '/api/v1/fish/{fish}', operationId: 'undoArrival')]
    #[InPath('fish')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'More has been written about it.')]
    public function destroy(Fish $fish, Arrivals $arrivals): Response
    {
        $arrivals->undo($fish);

        return response()->noContent();
    }
}
