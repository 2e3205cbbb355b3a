<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\Arrivals;
use App\Facility\FacilityReader;
use App\Facility\Keys;
use App\Facility\Looks;
use App\Facility\TakingOut;
use App\Facility\Watches;
use App\Http\Requests\InterventionRequest;
use App\Http\Requests\LookRequest;
use App\Http\Requests\WatchEndRequest;
use App\Http\Resources\Recorded;
use App\Http\Resources\WatchSheet;
use App\Log\EntryRemoval;
use App\Models\Fish;
use App\Models\User;
use App\Models\Watch;
use App\Models\WatchCheck;
use App\Models\WatchIntervention;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
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

    #[OA\Post(path: '/api/v1/fish/{fish}/watches', operationId: 'beginWatch')]
    #[InPath('fish')]
    #[Idempotent]
    #[Answers(201, 'Recorded', 'A watch begins now, where it lives.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'It is gone, or watched already.')]
    public function begin(Fish $fish, FacilityReader $reader, Arrivals $arrivals): JsonResponse
    {
        $one = $reader->read()->find($fish->id) ?? throw InvalidEntry::because('fish', Finding::of('entry.fish_gone'));
        if (Watch::query()->where('fish_id', $fish->id)->whereNull('ended')->exists()) {
            throw InvalidEntry::because('fish', Finding::of('entry.watched_already', fish: $fish->name));
        }

        return response()->json(new Recorded($arrivals->watch($fish, Keys::id($one->currentSystem()), Watches::now())->id), 201);
    }

    #[OA\Delete(path: '/api/v1/watches/{watch}', operationId: 'undoWatch')]
    #[InPath('watch')]
    #[Idempotent]
    #[AnswersNothing('As if it had not begun.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such watch.')]
    #[Answers(422, 'Problem', 'It follows a move, or somebody has looked.')]
    public function destroy(Watch $watch): Response
    {
        EntryRemoval::removeWatch($watch);

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/watches/{watch}/checks', operationId: 'addLook')]
    #[InPath('watch')]
    #[Idempotent]
    #[Takes('LookRequest')]
    #[Answers(201, 'Recorded', 'One look at each that was added with it; undoing the one that is named undoes them all.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such watch.')]
    #[Answers(422, 'Problem', 'The watch has ended, or a field is wrong.')]
    public function look(LookRequest $request, Watch $watch, FacilityReader $reader): JsonResponse
    {
        /** @var list<array{watch_id: int, troubles: list<string>, has_eaten: bool, chased_by_id?: int|null, chases_id?: int|null, note?: string|null}> $exceptions */
        $exceptions = $request->validated('exceptions');
        $user = $request->user();
        $looks = new Looks($request->moment(Watches::now(), LocalMoment::fromIso($watch->began_at)), $user instanceof User ? $user->id : null);

        return response()->json(new Recorded($looks->record($reader->read(), $watch, $request->boolean('has_eaten'), $exceptions)->id), 201);
    }

    #[OA\Delete(path: '/api/v1/watch-checks/{check}', operationId: 'undoLook')]
    #[InPath('check')]
    #[Idempotent]
    #[AnswersNothing('Taken out, and all of the round that it led.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such look.')]
    public function undoLook(WatchCheck $check): Response
    {
        Looks::undo($check);

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
