<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\ExportFolder;
use App\Http\Resources\TaskRow;
use App\Models\Task;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\InPath;
use App\Tasks\TaskKind;
use App\Tasks\TaskState;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** What takes long: how far it is, its end, and what it made. */
final readonly class TaskController
{
    #[OA\Get(path: '/api/v1/tasks/{task}', operationId: 'showTask')]
    #[InPath('task')]
    #[Answers(200, 'TaskRow', 'How far it is.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(404, 'Problem', 'No such task.')]
    public function show(Task $task): JsonResponse
    {
        return response()->json(TaskRow::from($task));
    }

    #[OA\Post(path: '/api/v1/tasks/{task}/stop', operationId: 'stopTask')]
    #[InPath('task')]
    #[AnswersNothing('It will stop, or has.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(404, 'Problem', 'No such task.')]
    public function stop(Task $task): Response
    {
        $task->update(['is_stop_asked' => true, ...($task->state === TaskState::Waiting ? ['state' => TaskState::Stopped] : [])]);

        return response()->noContent();
    }

    #[OA\Get(path: '/api/v1/tasks/{task}/file', operationId: 'fetchTaskFile', responses: [
        new OA\Response(response: 200, description: 'What it made.', content: new OA\MediaType(mediaType: 'application/zip')),
    ])]
    #[InPath('task')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    #[Answers(404, 'Problem', 'It made nothing that is still there.')]
    public function file(Task $task): BinaryFileResponse
    {
        $path = ExportFolder::configured()->path((string) $task->file);
        abort_unless($task->kind === TaskKind::Package && $task->state === TaskState::Done && is_file($path), 404);

        return response()->download($path, 'biomegas.zip', ['Content-Type' => 'application/zip']);
    }
}
