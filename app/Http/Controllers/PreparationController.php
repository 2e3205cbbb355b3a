<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\Preparations;
use App\Facility\TenthMm;
use App\Http\Requests\ArrangementRequest;
use App\Http\Requests\PreparationRequest;
use App\Http\Requests\StepRequest;
use App\Http\Requests\TypedLength;
use App\Http\Resources\PreparationSheet;
use App\Models\Preparation;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Calendar\PlannedDay;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** The way of a system to being ready for its first stock. */
final readonly class PreparationController
{
    private const PERCENT = 100;

    public function __construct(private FacilityReader $reader)
    {
    }

    #[OA\Put(path: '/api/v1/systems/{system}/preparation', operationId: 'planPreparation')]
    #[InPath('system')]
    #[Idempotent]
    #[Takes('PreparationRequest')]
    #[Answers(200, 'PreparationSheet', 'Planned; steps that were done stay done.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'A field is missing or wrong.')]
    public function update(PreparationRequest $request, System $system): JsonResponse
    {
        $kept = $this->reader->read();
        PlannedDay::checkToCome('date', $request->day(), $kept->facility->date);
        if ($request->integer('donor_system_id') === $system->id) {
            throw InvalidEntry::because('donor_system_id', Finding::of('entry.seeds_itself'));
        }
        $preparation = Preparation::query()->updateOrCreate(['system_id' => $system->id], [
            'wanted_on' => $request->day()->toIso(),
            'is_built' => $request->boolean('is_built'),
            'uses_tap_water' => $request->boolean('uses_tap_water'),
            'has_starter_fish' => $request->boolean('has_starter_fish'),
            'donor_system_id' => $request->input('donor_system_id'),
            'donor_share' => $request->float('donor_percent') / self::PERCENT,
            'species_id' => $request->input('species_id'),
            'count' => $request->input('count'),
            'length_tenth_mm' => TenthMm::of(TypedLength::millimetres('length', $request->string('length')->value(), $kept->units)),
        ]);

        return $this->answer($system, $preparation->refresh());
    }

    #[OA\Put(path: '/api/v1/systems/{system}/preparation/steps/{step}', operationId: 'tickPreparationStep')]
    #[InPath('system')]
    #[OA\Parameter(name: 'step', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[Idempotent]
    #[Takes('StepRequest')]
    #[Answers(200, 'PreparationSheet', 'Ticked, or taken back.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such preparation.')]
    #[Answers(422, 'Problem', 'Not a step, or a day to come.')]
    public function tick(StepRequest $request, System $system, string $step): JsonResponse
    {
        $preparation = Preparation::query()->where('system_id', $system->id)->firstOrFail();
        $kept = $this->reader->read();
        if (! in_array($step, array_column(Preparations::of($kept, $kept->system($system->id), $preparation)->preparation->steps, 'key'), true)) {
            throw InvalidEntry::because('step', Finding::of('entry.no_such_step', step: $step));
        }
        $done = $preparation->done;
        unset($done[$step]);
        if ($request->filled('done')) {
            $done[$step] = $request->doneOn($kept->facility->date)->toIso();
        }
        $preparation->update(['done' => $done]);

        return $this->answer($system, $preparation);
    }

    #[OA\Put(path: '/api/v1/systems/{system}/preparation/steps', operationId: 'arrangePreparationSteps')]
    #[InPath('system')]
    #[Idempotent]
    #[Takes('ArrangementRequest')]
    #[Answers(200, 'PreparationSheet', 'In that order, with those days; or as usual again.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such preparation.')]
    #[Answers(422, 'Problem', 'A step that guards somebody is left out.')]
    public function arrange(ArrangementRequest $request, System $system): JsonResponse
    {
        $preparation = Preparation::query()->where('system_id', $system->id)->firstOrFail();
        $kept = $this->reader->read();
        Preparations::arrange($kept, $kept->system($system->id), $preparation, $request->wanted());

        return $this->answer($system, $preparation);
    }

    #[OA\Delete(path: '/api/v1/systems/{system}/preparation', operationId: 'endPreparation')]
    #[InPath('system')]
    #[Idempotent]
    #[AnswersNothing('No longer prepared: in use, or given up.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such system.')]
    public function destroy(System $system): Response
    {
        Preparation::query()->where('system_id', $system->id)->delete();

        return response()->noContent();
    }

    private function answer(System $system, Preparation $preparation): JsonResponse
    {
        $kept = $this->reader->read();

        return response()->json(PreparationSheet::from($kept, $kept->system($system->id), $preparation));
    }
}
