<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Corrections\NoteCorrection;
use App\Http\Requests\NoteRequest;
use App\Http\Resources\Recorded;
use App\Models\Note;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** In a keeper's own words: of a fish, of a system, or of the day. */
final readonly class NoteController
{
    #[OA\Post(path: '/api/v1/notes', operationId: 'addNote')]
    #[Idempotent]
    #[Takes('NoteRequest')]
    #[Answers(201, 'Recorded', 'Written down.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'No words, or a day that cannot be.')]
    public function store(NoteRequest $request, NoteCorrection $notes): JsonResponse
    {
        $note = Note::query()->create([...$notes->checked($request), 'user_id' => $request->user()?->id]);

        return response()->json(new Recorded($note->id), 201);
    }

    #[OA\Delete(path: '/api/v1/notes/{note}', operationId: 'undoNote')]
    #[InPath('note')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such note.')]
    public function destroy(Note $note): Response
    {
        $note->delete();

        return response()->noContent();
    }
}
