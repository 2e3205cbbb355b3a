<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\Arrivals;
use App\Facility\FacilityReader;
use App\Facility\Keys;
use App\Facility\Makeups;
use App\Facility\MovingBook;
use App\Facility\Watches;
use App\Http\Requests\AcquireRequest;
use App\Http\Requests\BagRequest;
use App\Http\Requests\TypedLength;
use App\Http\Resources\BagSheet;
use App\Http\Resources\Recorded;
use App\Models\Fish;
use App\Models\Species;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use App\Scenario\ScenarioMapper;
use Biomegas\Facility\Group\Makeup;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Moving\Mixing\Hardiness;
use Biomegas\Moving\Sheet\BagArrival;
use Biomegas\Rulebook\Method;
use Biomegas\Rulebook\RuleOption;
use Biomegas\Water\Load\FedOccupant;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** A fish or shoal comes home. */
final readonly class ArrivalController
{
    private const HUNDREDTHS = 100;

    #[OA\Get(path: '/api/v1/systems/{system}/bag', operationId: 'showBag')]
    #[InPath('system')]
    #[OA\Parameter(name: 'species_id', in: 'query', required: true, schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'count', in: 'query', schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'length', in: 'query', description: 'As typed; absent: as it is usually sold.', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'celsius', in: 'query', description: 'Of the bag, as typed; absent: not known.', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'ph', in: 'query', description: 'Of the bag, as typed; absent: not known.', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'hours', in: 'query', description: 'Since it was closed.', schema: new OA\Schema(type: 'number'))]
    #[OA\Parameter(name: 'litres', in: 'query', description: 'Of its water, as typed.', schema: new OA\Schema(type: 'string'))]
    #[Answers(200, 'BagSheet', 'How long it floats, and how it is mixed.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'Something that cannot be read.')]
    public function bag(BagRequest $request, System $system, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        $home = $kept->system($system->id);
        $written = Species::query()->findOrFail($request->integer('species_id'))->current();
        $species = ScenarioMapper::species($written);
        $background = ScenarioMapper::background($written);
        $length = TypedLength::millimetres('length', $request->string('length')->value(), $kept->units) ?? $background->usualLengthWhenSold($species);
        $fed = new FedOccupant($species, $length, $request->integer('count', 1), $kept->facility->rulebook->ration());
        $isSlow = $kept->facility->rulebook->answer(RuleOption::Acclimating) === 'always-slow';
        $arrival = BagArrival::of($request->bag($fed->mass(), $kept->units), MovingBook::sample($kept, $home), $home->name, Hardiness::of($species, $background), $isSlow);

        return response()->json(BagSheet::from($arrival, $kept->says()));
    }

    #[OA\Post(path: '/api/v1/fish', operationId: 'acquireFish')]
    #[Idempotent]
    #[Takes('AcquireRequest')]
    #[Answers(201, 'Recorded', 'It lives here now.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'A field is missing or wrong.')]
    public function store(AcquireRequest $request, FacilityReader $reader, Arrivals $arrivals, Makeups $makeups): JsonResponse
    {
        $kept = $reader->read();
        $system = $kept->facility->systems[Keys::ofSystem($request->integer('system_id'))] ?? throw InvalidEntry::because('system_id', Finding::of('entry.no_such_home'));
        if ($request->day()->isAfter($kept->facility->date)) {
            throw InvalidEntry::because('date', Finding::of('entry.day_to_come'));
        }
        if (! $system->isAvailableOn($request->day())) {
            throw InvalidEntry::because('system_id', Finding::of('entry.home_not_in_use', system: $system->name));
        }
        if ($request->boolean('is_watched') && ! $request->day()->equals($kept->facility->date)) {
            throw InvalidEntry::because('is_watched', Finding::of('entry.watch_begins_today'));
        }
        $candidates = $request->candidates();
        $makeup = Makeup::of($request->day(), $request->integer('count'), $request->integer('males'), $request->integer('females'));
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
        $fish->mayBe($candidates);
        if ($makeup->males + $makeup->females > 0) {
            $makeups->record($fish->id, $makeup, Method::Eye, $request->user()?->id);
        }
        if ($request->filled('quarantine_days')) {
            $arrivals->quarantine($fish, $request->integer('quarantine_days'));
        }
        if ($request->boolean('is_watched')) {
            $arrivals->watch($fish, Keys::id($system->key), Watches::now());
        }

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
