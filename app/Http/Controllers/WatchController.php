<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\TakingOut;
use App\Facility\Watches;
use App\Http\Requests\InterventionRequest;
use App\Http\Requests\LookRequest;
use App\Http\Requests\WatchEndRequest;
use App\Http\Resources\Recorded;
use App\Http\Resources\WatchSheet;
use App\Models\Incident;
use App\Models\User;
use App\Models\Watch;
use App\Models\WatchCheck;
use App\Models\WatchIntervention;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Company\Act;
use Biomegas\Company\Harm;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

/** The close look at a fish after a move. */
final readonly class WatchController
{
    #[OA\Get(path: '/api/v1/watches/{watch}', operationId: 'showWatch')]
    #[InPath('watch')]
    #[Answers(200, 'WatchSheet', 'The watch.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such watch.')]
    public function show(Watch $watch, FacilityReader $reader): JsonResponse
    {
        return response()->json(WatchSheet::from($reader->read($watch->fish_id), $watch->load(['checks', 'interventions'])));
    }

    #[OA\Post(path: '/api/v1/watches/{watch}/checks', operationId: 'addLook')]
    #[InPath('watch')]
    #[Idempotent]
    #[Takes('LookRequest')]
    #[Answers(201, 'Recorded', 'Recorded, at this moment.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such watch.')]
    #[Answers(422, 'Problem', 'The watch has ended, or a field is wrong.')]
    public function look(LookRequest $request, Watch $watch): JsonResponse
    {
        if ($watch->ended !== null) {
            throw InvalidEntry::because('watch', Finding::of('entry.watch_ended'));
        }
        if ($request->integer('chased_by_id') === $watch->fish_id) {
            throw InvalidEntry::because('chased_by_id', Finding::of('entry.chases_itself'));
        }
        $check = DB::transaction(fn (): WatchCheck => WatchCheck::query()->create([
            'incident_id' => $this->incidentOf($request, $watch)?->id,
            'watch_id' => $watch->id, 'at' => Watches::now()->toIso(), 'troubles' => array_values($request->array('troubles')), 'has_eaten' => $request->boolean('has_eaten'),
            'chased_by_id' => $request->input('chased_by_id'), 'note' => $request->input('note'), 'user_id' => $request->user()?->id,
        ]));

        return response()->json(new Recorded($check->id), 201);
    }

    /** A chase that is seen at a look stands in the log of both. */
    private function incidentOf(LookRequest $request, Watch $watch): ?Incident
    {
        return $request->input('chased_by_id') === null ? null : Incident::query()->create([
            'fish_id' => $request->integer('chased_by_id'), 'target_id' => $watch->fish_id, 'act' => Act::Chased, 'harm' => Harm::None,
            'date' => Watches::now()->date->toIso(), 'time' => Watches::now()->time(), 'user_id' => $request->user()?->id,
        ]);
    }

    #[OA\Delete(path: '/api/v1/watch-checks/{check}', operationId: 'undoLook')]
    #[InPath('check')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such look.')]
    public function undoLook(WatchCheck $check): Response
    {
        DB::transaction(function () use ($check): void {
            $check->delete();
            Incident::query()->whereKey($check->incident_id)->delete();
        });

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/watches/{watch}/interventions', operationId: 'tryIntervention')]
    #[InPath('watch')]
    #[Idempotent]
    #[Takes('InterventionRequest')]
    #[Answers(201, 'Recorded', 'Tried, at this moment.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such watch.')]
    #[Answers(422, 'Problem', 'A field is wrong.')]
    public function tryIntervention(InterventionRequest $request, Watch $watch): JsonResponse
    {
        $intervention = WatchIntervention::query()->create(['watch_id' => $watch->id, 'intervention' => $request->input('intervention'), 'at' => Watches::now()->toIso(), 'stop_at' => $request->input('stop_at')]);

        return response()->json(new Recorded($intervention->id), 201);
    }

    #[OA\Put(path: '/api/v1/watch-interventions/{intervention}', operationId: 'judgeIntervention')]
    #[InPath('intervention')]
    #[Idempotent]
    #[Takes('InterventionRequest')]
    #[Answers(200, 'Recorded', 'What came of it is written down.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such intervention.')]
    #[Answers(422, 'Problem', 'A field is wrong.')]
    public function judge(InterventionRequest $request, WatchIntervention $intervention): JsonResponse
    {
        $intervention->update(['success' => $request->input('success')]);

        return response()->json(new Recorded($intervention->id));
    }

    #[OA\Delete(path: '/api/v1/watch-interventions/{intervention}', operationId: 'undoIntervention')]
    #[InPath('intervention')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such intervention.')]
    public function undoIntervention(WatchIntervention $intervention): Response
    {
        $intervention->delete();

        return response()->noContent();
    }

    #[OA\Put(path: '/api/v1/watches/{watch}/end', operationId: 'endWatch')]
    #[InPath('watch')]
    #[Idempotent]
    #[Takes('WatchEndRequest')]
    #[Answers(200, 'Recorded', 'Ended, or going on after all.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such watch.')]
    #[Answers(422, 'Problem', 'A field is wrong.')]
    public function end(WatchEndRequest $request, Watch $watch): JsonResponse
    {
        $goesOn = $request->input('how') === 'going-on';
        $watch->update(['ended' => $goesOn ? null : $request->input('how'), 'ended_at' => $goesOn ? null : Watches::now()->toIso()]);

        return response()->json(new Recorded($watch->id));
    }

    #[OA\Post(path: '/api/v1/watches/{watch}/take-out', operationId: 'takeOutNow')]
    #[InPath('watch')]
    #[Idempotent]
    #[Answers(201, 'Recorded', 'It lives alone now; the number is that of its move sheet.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such watch.')]
    #[Answers(422, 'Problem', 'No home stands empty for it, or it lives there no more.')]
    public function takeOut(Request $request, Watch $watch, TakingOut $out, FacilityReader $reader): JsonResponse
    {
        $user = $request->user();

        return response()->json(new Recorded($out->now($reader->read(), $watch, Watches::now(), $user instanceof User ? $user->id : null)->id), 201);
    }
}
