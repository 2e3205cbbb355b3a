<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ImportReadingRequest;
use App\Http\Requests\ImportRequest;
use App\Http\Requests\ImportWritingRequest;
use App\Http\Resources\ImportRow;
use App\Http\Resources\ImportSheet;
use App\Import\Entries\EntryTable;
use App\Import\Entries\ImportKind;
use App\Import\Entries\ImportState;
use App\Import\Entries\ImportUndo;
use App\Import\Entries\Reading;
use App\Import\Entries\ReadingGuess;
use App\Models\FacilitySettings;
use App\Models\Import;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use App\OpenApi\AnswersNothing;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use App\Tasks\TaskKind;
use App\Tasks\Tasks;
use Biomegas\Calendar\DateOrder;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\LengthUnit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

/** Tables of entries that a keeper has elsewhere: read and shown first, written when that is wanted, taken back as one. */
final readonly class ImportController
{
    #[OA\Get(path: '/api/v1/imports', operationId: 'listImports')]
    #[AnswersList('ImportRow', 'The latest first.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    public function index(): JsonResponse
    {
        return response()->json(Import::query()->latest('id')->limit(Import::MOST)->get()->map(ImportRow::from(...))->values());
    }

    #[OA\Get(path: '/api/v1/imports/{import}', operationId: 'showImport')]
    #[InPath('import')]
    #[Answers(200, 'ImportSheet', 'How it is read, and every row.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(404, 'Problem', 'No such import.')]
    public function show(Import $import): JsonResponse
    {
        return response()->json(ImportSheet::from($import));
    }

    #[OA\Post(path: '/api/v1/imports', operationId: 'bringTable', description: 'It is read aside; nothing is written.')]
    #[Takes('ImportRequest')]
    #[Answers(201, 'ImportSheet', 'How it would be read.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(422, 'Problem', 'No table, or too large a one.')]
    public function store(ImportRequest $request): JsonResponse
    {
        $table = EntryTable::read($request->string('text')->value());
        $kind = ImportKind::from($request->string('kind')->value());
        $reading = ReadingGuess::of($kind, $table, FacilitySettings::query()->firstOrFail()->units());
        Import::query()->whereNotIn('id', Import::query()->latest('id')->limit(Import::MOST - 1)->select('id'))->delete();
        $import = Import::query()->create([
            'kind' => $kind, 'name' => $request->string('name')->value(), 'text' => $request->string('text')->value(), 'reading' => $reading->toArray(), 'state' => ImportState::Reading, 'user_id' => $request->user()?->id,
        ]);
        Tasks::beginOn(TaskKind::Reading, $request->user()?->id, (string) $import->id);

        return response()->json(ImportSheet::from($import->refresh()), 201);
    }

    #[OA\Put(path: '/api/v1/imports/{import}', operationId: 'readTableAnew')]
    #[InPath('import')]
    #[Takes('ImportReadingRequest')]
    #[Answers(200, 'ImportSheet', 'It is read anew.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(404, 'Problem', 'No such import.')]
    #[Answers(422, 'Problem', 'It is written already, or a column is named twice.')]
    public function update(ImportReadingRequest $request, Import $import): JsonResponse
    {
        self::wantRead($import);
        $reading = new Reading($request->columns($import), DateOrder::from($request->string('dates')->value()), LengthUnit::from($request->string('lengths')->value()), $request->boolean('is_fahrenheit'));
        $import->update(['reading' => $reading->toArray(), 'rows' => [], 'state' => ImportState::Reading]);
        Tasks::beginOn(TaskKind::Reading, $request->user()?->id, (string) $import->id);

        return response()->json(ImportSheet::from($import->refresh()));
    }

    #[OA\Post(path: '/api/v1/imports/{import}/writing', operationId: 'writeTable', description: 'The good rows, and the doubtful ones if that is wanted; aside.')]
    #[InPath('import')]
    #[Takes('ImportWritingRequest')]
    #[Answers(201, 'ImportSheet', 'Begun.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(404, 'Problem', 'No such import.')]
    #[Answers(422, 'Problem', 'It is not read yet, or written already.')]
    public function write(ImportWritingRequest $request, Import $import): JsonResponse
    {
        self::wantRead($import);
        $import->update(['state' => ImportState::Writing, 'user_id' => $request->user()?->id]);
        Tasks::beginOn(TaskKind::Writing, $request->user()?->id, $import->id.($request->boolean('with_doubtful') ? '+' : ''));

        return response()->json(ImportSheet::from($import->refresh()), 201);
    }

    #[OA\Delete(path: '/api/v1/imports/{import}', operationId: 'undoImport', description: 'What it wrote is taken back as one; one that wrote nothing is thrown away.')]
    #[InPath('import')]
    #[AnswersNothing('Taken back.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(404, 'Problem', 'No such import.')]
    #[Answers(422, 'Problem', 'Later entries rest on one of it, or it is being written.')]
    public function destroy(Import $import, ImportUndo $undo): Response
    {
        if (self::isAtWork($import)) {
            throw InvalidEntry::because('import', Finding::of('import.being_written'));
        }
        DB::transaction(fn () => $import->written !== [] && $import->state !== ImportState::Undone ? $undo->of($import) : $import->delete());

        return response()->noContent();
    }

    /**
     * Read, and not written; or broken off in the midst of it.
     *
     * @throws InvalidEntry
     */
    private static function wantRead(Import $import): void
    {
        if (self::isAtWork($import)) {
            throw InvalidEntry::because('import', Finding::of('import.not_read'));
        }
        if ($import->written !== [] || $import->state === ImportState::Written) {
            throw InvalidEntry::because('import', Finding::of('import.written_already'));
        }
    }

    private static function isAtWork(Import $import): bool
    {
        return array_filter([TaskKind::Reading, TaskKind::Writing], fn (TaskKind $kind): bool => Tasks::latestOn($kind, (string) $import->id)?->state->isUnderWay() === true) !== [];
    }
}
