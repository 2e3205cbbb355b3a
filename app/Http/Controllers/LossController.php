<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Requests\LossRequest;
use App\Http\Resources\Recorded;
use App\Models\Fish;
use App\Models\Loss;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Facility\LoggedDay;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Losses\HeadCount;
use Biomegas\Losses\LossStory;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final readonly class LossController
{
    #[OA\Post(path: '/api/v1/fish/{fish}/losses', operationId: 'addLoss')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('LossRequest')]
    #[Answers(201, 'Recorded', 'Recorded.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'It cannot have happened like this.')]
    public function store(LossRequest $request, Fish $fish, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read($fish->id);
        $inPicture = $kept->fish($fish->id);
        $lost = $request->integer('count', 1);
        LoggedDay::check($request->day(), $inPicture, $kept->facility->date);
        HeadCount::checkLoss($fish->name, $kept->kept($inPicture)->present, $lost);
        LossStory::checkWindow($inPicture, $request->lastSeen(), $request->day(), $kept->facility->date);
        if ($request->input('eaten_by_id') !== null) {
            $eater = $kept->find($request->integer('eaten_by_id')) ?? throw InvalidEntry::because('eaten_by_id', Finding::of('entry.no_such_fish'));
            LossStory::checkEater($inPicture, $eater, $request->lastSeen(), $request->day());
        }
        $entry = Loss::query()->create([
            'fish_id' => $fish->id,
            'date' => $request->day()->toIso(),
            'kind' => $request->input('kind'),
            'count' => $lost,
            'sex' => $request->input('sex'),
            'eaten_by_id' => $request->input('eaten_by_id'),
            'last_seen' => $request->lastSeen()?->toIso(),
            'lesson' => $request->input('lesson'),
            'cause' => $request->input('cause'),
            'user_id' => $request->user()?->id,
        ]);

        return response()->json(new Recorded($entry->id), 201);
    }

    #[OA\Delete(path: '/api/v1/losses/{loss}', operationId: 'undoLoss')]
    #[InPath('loss')]
    #[Idempotent]
    #[AnswersNothing('Taken out; the fish is back.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such loss.')]
    public function destroy(Loss $loss): Response
    {
        $loss->delete();

        return response()->noContent();
    }
}
