<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\Arrivals;
use App\Facility\Broods;
use App\Facility\FacilityReader;
use App\Facility\FacilitySnapshot;
use App\Http\Corrections\BroodCorrection;
use App\Http\Requests\BroodEndRequest;
use App\Http\Requests\BroodRequest;
use App\Http\Requests\BroodStepRequest;
use App\Http\Requests\FryForecastRequest;
use App\Http\Requests\FryRequest;
use App\Http\Requests\TypedLength;
use App\Http\Resources\BroodSheet;
use App\Http\Resources\FryForecast;
use App\Http\Resources\Recorded;
use App\Models\Brood;
use App\Models\Fish as FishRecord;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use App\Repair\StoredTable;
use Biomegas\Brood\BroodStepKind;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Purpose;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Rulebook\Method;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

final readonly class BroodController
{
    public function __construct(private FacilityReader $reader, private BroodCorrection $corrections)
    {
    }

    #[OA\Get(path: '/api/v1/systems/{system}/broods', operationId: 'listBroods')]
    #[InPath('system')]
    #[AnswersList('BroodSheet', 'Those that go on, the newest first.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such system.')]
    public function index(System $system): JsonResponse
    {
        $kept = $this->reader->read();

        return response()->json(array_values(array_filter($kept->unreadable->readAll(StoredTable::Broods, Broods::going($system->id), fn (Brood $brood): ?BroodSheet => BroodSheet::from($kept, $brood)))));
    }

    #[OA\Post(path: '/api/v1/systems/{system}/broods', operationId: 'addBrood')]
    #[InPath('system')]
    #[Idempotent]
    #[Takes('BroodRequest')]
    #[Answers(201, 'Recorded', 'Recorded.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'It cannot have been seen like this.')]
    public function store(BroodRequest $request, System $system): JsonResponse
    {
        $brood = Brood::query()->create([...$this->corrections->checked($request, $system->id), 'system_id' => $system->id, 'user_id' => $request->user()?->id]);

        return response()->json(new Recorded($brood->id), 201);
    }

    #[OA\Put(path: '/api/v1/broods/{brood}', operationId: 'changeBrood')]
    #[InPath('brood')]
    #[Idempotent]
    #[Takes('BroodRequest')]
    #[Answers(200, 'Recorded', 'Seen anew: its days are counted from this sign on.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such brood.')]
    #[Answers(422, 'Problem', 'It cannot have been seen like this.')]
    public function update(BroodRequest $request, Brood $brood): JsonResponse
    {
        $columns = $this->corrections->checked($request, $brood->system_id);
        $brood->update([...$columns, 'steps' => BroodCorrection::stepsAfter($brood, $columns)]);

        return response()->json(new Recorded($brood->id));
    }

    #[OA\Put(path: '/api/v1/broods/{brood}/steps/{kind}', operationId: 'arrangeBroodStep')]
    #[InPath('brood')]
    #[OA\Parameter(name: 'kind', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: BroodStepKind::class))]
    #[Idempotent]
    #[Takes('BroodStepRequest')]
    #[Answers(200, 'Recorded', 'Done, left out, or on another day.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such brood, or it has no such step.')]
    #[Answers(422, 'Problem', 'Not a day.')]
    public function arrange(BroodStepRequest $request, Brood $brood, string $kind): JsonResponse
    {
        $under = Broods::of($this->reader->read(), $brood);
        abort_if($under?->step(BroodStepKind::tryFrom($kind) ?? abort(404)) === null, 404);
        $brood->update(['steps' => [...$brood->steps, $kind => ['done' => $request->boolean('is_done'), 'out' => $request->boolean('is_left_out'), 'on' => $request->input('on')]]]);

        return response()->json(new Recorded($brood->id));
    }

    #[OA\Put(path: '/api/v1/broods/{brood}/end', operationId: 'endBrood')]
    #[InPath('brood')]
    #[Idempotent]
    #[Takes('BroodEndRequest')]
    #[Answers(200, 'Recorded', 'Over, or going on after all.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such brood.')]
    #[Answers(422, 'Problem', 'No such outcome.')]
    public function end(BroodEndRequest $request, Brood $brood): JsonResponse
    {
        $outcome = $request->input('outcome');
        $brood->update(['outcome' => $outcome, 'ended_on' => $outcome === null ? null : $this->reader->read()->facility->date->toIso()]);

        return response()->json(new Recorded($brood->id));
    }

    #[OA\Delete(path: '/api/v1/broods/{brood}', operationId: 'undoBrood')]
    #[InPath('brood')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such brood.')]
    public function destroy(Brood $brood): Response
    {
        $brood->delete();

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/broods/{brood}/fry', operationId: 'keepFry')]
    #[InPath('brood')]
    #[Idempotent]
    #[Takes('FryRequest')]
    #[Answers(201, 'Recorded', 'The young are a shoal of their own; the number is that of the shoal.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such brood.')]
    #[Answers(422, 'Problem', 'A field is wrong, or they are kept already.')]
    public function keep(FryRequest $request, Brood $brood, Arrivals $arrivals): JsonResponse
    {
        $kept = $this->reader->read();
        if ($brood->fry_id !== null) {
            throw InvalidEntry::because('name', Finding::of('brood.kept_already'));
        }
        $mother = $this->parent($kept, $brood->fish_id, 'name');
        $length = TypedLength::millimetres('length', $request->string('length')->value(), $kept->units);
        $fry = DB::transaction(function () use ($request, $brood, $arrivals, $kept, $mother, $length): int {
            $shoal = $arrivals->record([
                'name' => $request->input('name'), 'species_id' => DB::table('fish')->where('id', $brood->fish_id)->value('species_id'), 'count' => $request->integer('count'), 'purpose' => Purpose::Display,
                'ration' => $mother->rationOn($kept->facility->date), 'origin' => 'own-bred', 'arrived_on' => $kept->facility->date->toIso(), 'hatched_on' => $brood->date,
            ], $request->integer('system_id'), $length, Method::Eye);
            $brood->update(['fry_id' => $shoal->id, 'outcome' => 'raised', 'ended_on' => $kept->facility->date->toIso()]);

            return $shoal->id;
        });

        return response()->json(new Recorded($fry), 201);
    }

    #[OA\Delete(path: '/api/v1/broods/{brood}/fry', operationId: 'undoFry')]
    #[InPath('brood')]
    #[Idempotent]
    #[AnswersNothing('The shoal is taken out, and the brood goes on.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such brood.')]
    #[Answers(422, 'Problem', 'More is written about the shoal.')]
    public function giveUp(Brood $brood, Arrivals $arrivals): Response
    {
        $fry = $brood->fry_id;
        $brood->update(['fry_id' => null, 'outcome' => null, 'ended_on' => null]);
        if ($fry !== null) {
            $arrivals->undo(FishRecord::query()->findOrFail($fry));
        }

        return response()->noContent();
    }

    #[OA\Get(path: '/api/v1/broods/{brood}/forecast', operationId: 'forecastFry')]
    #[InPath('brood')]
    #[OA\Parameter(name: 'count', in: 'query', required: true, description: 'How many are kept.', schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'system_id', in: 'query', required: true, description: 'Where.', schema: new OA\Schema(type: 'integer'))]
    #[Answers(200, 'FryForecast', 'What the young need of that home as they grow.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such brood.')]
    #[Answers(422, 'Problem', 'Not a number, or no such system.')]
    public function forecast(FryForecastRequest $request, Brood $brood): JsonResponse
    {
        $kept = $this->reader->read();

        return response()->json(FryForecast::from($kept, $this->parent($kept, $brood->fish_id, 'count'), $request->integer('count'), $kept->system($request->integer('system_id'))));
    }

    private function parent(FacilitySnapshot $kept, int $id, string $field): Fish
    {
        return $kept->find($id) ?? throw InvalidEntry::because($field, Finding::of('entry.no_such_fish'));
    }
}
