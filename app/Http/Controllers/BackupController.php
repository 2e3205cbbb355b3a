<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Backup\BackupFolder;
use App\Http\Resources\Backups;
use App\Http\Resources\TaskRow;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\Tasks\TaskKind;
use App\Tasks\Tasks;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** Backups: those that there are, and one more. They are put back on the machine itself, by biomegas:restore. */
final readonly class BackupController
{
    #[OA\Get(path: '/api/v1/backups', operationId: 'listBackups')]
    #[Answers(200, 'Backups', 'The newest first.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    public function index(): JsonResponse
    {
        return response()->json(Backups::all());
    }

    #[OA\Post(path: '/api/v1/backups', operationId: 'makeBackup', description: 'It is made aside.')]
    #[Answers(201, 'TaskRow', 'Begun.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    public function store(Request $request): JsonResponse
    {
        return response()->json(TaskRow::from(Tasks::begin(TaskKind::Backup, $request->user()?->id)), 201);
    }

    #[OA\Get(path: '/api/v1/backups/{backup}', operationId: 'fetchBackup', responses: [
        new OA\Response(response: 200, description: 'The file.', content: new OA\MediaType(mediaType: 'application/zip')),
    ])]
    #[OA\Parameter(name: 'backup', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    #[Answers(404, 'Problem', 'No such backup.')]
    public function show(string $backup): BinaryFileResponse
    {
        $found = BackupFolder::configured()->find($backup) ?? abort(404);

        return response()->download($found->path, $found->name, ['Content-Type' => 'application/zip']);
    }

    #[OA\Delete(path: '/api/v1/backups/{backup}', operationId: 'deleteBackup')]
    #[OA\Parameter(name: 'backup', in: 'path', required: true, schema: new OA\Schema(type: 'string'))]
    #[AnswersNothing('It is gone.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For the owner.')]
    #[Answers(404, 'Problem', 'No such backup.')]
    public function destroy(string $backup): Response
    {
        $found = BackupFolder::configured()->find($backup) ?? abort(404);
        @unlink($found->path);

        return response()->noContent();
    }
}
