<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\Keys;
use App\Facility\MoveLog;
use App\Facility\MovesInPlace;
use App\Http\Requests\MoveRequest;
use App\Http\Resources\Recorded;
use App\Models\Fish;
use App\Models\Move;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Moving\MadeMove;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final readonly class MoveController
{
    public function __construct(private MoveLog $log)
    {
    }

    #[OA\Post(path: '/api/v1/fish/{fish}/moves', operationId: 'addMove')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('MoveRequest')]
    #[Answers(201, 'Recorded', 'Recorded: one stay has ended and the next begun.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'It cannot have been made like this.')]
    public function store(MoveRequest $request, Fish $fish, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        $mover = $kept->find($fish->id) ?? throw InvalidEntry::because('fish', Finding::of('entry.named_fish_gone', fish: $fish->name));
        $to = $kept->facility->systems[Keys::ofSystem($request->integer('to_system_id'))]
            ?? throw InvalidEntry::because('to_system_id', Finding::of('entry.no_such_home'));
        $move = $this->log->record($fish, MadeMove::record($mover, $to, $request->day(), $kept->facility->date), $request->user()?->id);

        return response()->json(new Recorded($move->id), 201);
    }

    #[OA\Delete(path: '/api/v1/moves/{move}', operationId: 'undoMove')]
    #[InPath('move')]
    #[Idempotent]
    #[AnswersNothing('Taken out; the stay before goes on.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such move.')]
    #[Answers(422, 'Problem', 'A later move builds on it.')]
    public function destroy(Move $move, MovesInPlace $moves): Response
    {
        $moves->remove($move);

        return response()->noContent();
    }
}
