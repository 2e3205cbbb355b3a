<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\MovingBook;
use App\Http\Corrections\LookCorrection;
use App\Http\Corrections\TreatmentCorrection;
use App\Http\Requests\ConditionRequest;
use App\Http\Requests\QuarantineRequest;
use App\Http\Requests\TreatmentRequest;
use App\Http\Resources\Recorded;
use App\Http\Resources\TreatmentProduct;
use App\Language\Messages;
use App\Models\Fish;
use App\Models\HealthObservation;
use App\Models\Quarantine;
use App\Models\Treatment;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Facility\LoggedDay;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Moving\Quarantine\ProductClass;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** Quarantine, and what goes with it: looks at a fish, and treatments. */
final readonly class QuarantineController
{
    public function __construct(private FacilityReader $reader)
    {
    }

    #[OA\Get(path: '/api/v1/treatment-products', operationId: 'listTreatmentProducts')]
    #[AnswersList('TreatmentProduct', 'What each wants minded.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function products(): JsonResponse
    {
        $says = Messages::ofFacility();

        return response()->json(array_map(fn (ProductClass $product): TreatmentProduct => new TreatmentProduct($product, (string) $says->sayIf($product->caution())), ProductClass::cases()));
    }

    #[OA\Post(path: '/api/v1/fish/{fish}/quarantines', operationId: 'beginQuarantine')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('QuarantineRequest')]
    #[Answers(201, 'Recorded', 'Begun.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'It is in quarantine already, or a field is wrong.')]
    public function store(QuarantineRequest $request, Fish $fish): JsonResponse
    {
        $kept = $this->reader->read();
        LoggedDay::check($request->day(), $kept->fish($fish->id), $kept->facility->date);
        if (Quarantine::query()->where('fish_id', $fish->id)->whereNull('released_on')->exists()) {
            throw InvalidEntry::because('fish', Finding::of('entry.in_quarantine', fish: $fish->name));
        }
        $days = $request->filled('days') ? $request->integer('days') : $kept->facility->rulebook->holdingFor(null, $kept->fish($fish->id)->key)->quarantineDays();
        $quarantine = Quarantine::query()->create(['fish_id' => $fish->id, 'from' => $request->day()->toIso(), 'days' => $days, 'credit' => $request->integer('credit')]);

        return response()->json(new Recorded($quarantine->id), 201);
    }

    #[OA\Post(path: '/api/v1/quarantines/{quarantine}/release', operationId: 'endQuarantine')]
    #[InPath('quarantine')]
    #[Idempotent]
    #[Answers(200, 'Recorded', 'Released.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such quarantine.')]
    #[Answers(422, 'Problem', 'A rule fails.')]
    public function release(Quarantine $quarantine): JsonResponse
    {
        $kept = $this->reader->read();
        $state = MovingBook::stateOf($kept, $quarantine);
        if (! $state->mayLeave()) {
            throw InvalidEntry::because('quarantine', $state->finding());
        }
        $quarantine->update(['released_on' => $kept->facility->date->toIso()]);

        return response()->json(new Recorded($quarantine->id));
    }

    #[OA\Delete(path: '/api/v1/quarantines/{quarantine}', operationId: 'undoQuarantine')]
    #[InPath('quarantine')]
    #[Idempotent]
    #[AnswersNothing('It was none.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such quarantine.')]
    public function destroy(Quarantine $quarantine): Response
    {
        $quarantine->delete();

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/fish/{fish}/health-observations', operationId: 'addHealthObservation')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('ConditionRequest')]
    #[Answers(201, 'Recorded', 'Recorded.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'A field is wrong.')]
    public function look(ConditionRequest $request, Fish $fish, LookCorrection $looks): JsonResponse
    {
        $observation = HealthObservation::query()->create([...$looks->checked($request, $fish->id), 'fish_id' => $fish->id, 'user_id' => $request->user()?->id]);

        return response()->json(new Recorded($observation->id), 201);
    }

    #[OA\Delete(path: '/api/v1/health-observations/{observation}', operationId: 'undoHealthObservation')]
    #[InPath('observation')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such entry.')]
    public function undoLook(HealthObservation $observation): Response
    {
        $observation->delete();

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/fish/{fish}/treatments', operationId: 'addTreatment')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('TreatmentRequest')]
    #[Answers(201, 'Recorded', 'Recorded; the label and a vet decide.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'A field is wrong.')]
    public function treat(TreatmentRequest $request, Fish $fish, TreatmentCorrection $treatments): JsonResponse
    {
        $treatment = Treatment::query()->create([...$treatments->checked($request, $fish->id), 'fish_id' => $fish->id, 'user_id' => $request->user()?->id]);

        return response()->json(new Recorded($treatment->id), 201);
    }

    #[OA\Delete(path: '/api/v1/treatments/{treatment}', operationId: 'undoTreatment')]
    #[InPath('treatment')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such treatment.')]
    public function undoTreatment(Treatment $treatment): Response
    {
        $treatment->delete();

        return response()->noContent();
    }
}
