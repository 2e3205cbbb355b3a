<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Corrections\Corrections;
use App\Http\Problems;
use App\Http\Requests\CorrectionRequest;
use App\Http\Requests\LogRequest;
use App\Http\Resources\LogDetail;
use App\Http\Resources\LogLine;
use App\Http\Resources\LogSheet;
use App\Http\Resources\LogVersion;
use App\Http\Resources\LogWeek;
use App\Language\Messages;
use App\Log\EntryHistory;
use App\Log\EntryRemoval;
use App\Log\EntryVersion;
use App\Log\LogKind;
use App\Log\OneLog;
use App\Log\PicturesOfEntries;
use App\Log\Teller;
use App\Models\FacilitySettings;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use stdClass;

/** Everything that happened: found, corrected, taken out, put back. */
final readonly class LogController
{
    public function __construct(private Teller $teller, private Corrections $corrections, private EntryRemoval $removal)
    {
    }

    #[OA\Get(path: '/api/v1/log', operationId: 'listLog')]
    #[OA\Parameter(name: 'fish', in: 'query', description: 'About whom.', schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'system', in: 'query', description: 'Where.', schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'kinds', in: 'query', description: 'Kinds of entries, with commas between; left out: all.', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'from', in: 'query', description: 'The first day.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Parameter(name: 'until', in: 'query', description: 'The last day.', schema: new OA\Schema(type: 'string', format: 'date'))]
    #[OA\Parameter(name: 'words', in: 'query', description: 'Beginnings of words that must be there; accents and slips are forgiven.', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'after', in: 'query', description: 'Where the page before ended.', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'removed', in: 'query', description: 'Those that were taken out, in place of those that stand.', schema: new OA\Schema(type: 'string', enum: ['yes']))]
    #[OA\Parameter(name: 'most', in: 'query', description: 'How many at once; 50 when left out.', schema: new OA\Schema(type: 'integer'))]
    #[Answers(200, 'LogSheet', 'The entries, newest first.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(422, 'Problem', 'A filter cannot be read.')]
    public function index(LogRequest $request, OneLog $log): JsonResponse
    {
        $page = $log->page($request->filter(), $request->string('words')->value(), $request->filled('after') ? $request->string('after')->value() : null, $request->integer('most', OneLog::PER_PAGE));

        return response()->json(LogSheet::from($page, $this->teller));
    }

    #[OA\Get(path: '/api/v1/log/weeks', operationId: 'listLogWeeks')]
    #[OA\Parameter(name: 'fish', in: 'query', schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'system', in: 'query', schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'kinds', in: 'query', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'words', in: 'query', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'removed', in: 'query', schema: new OA\Schema(type: 'string', enum: ['yes']))]
    #[AnswersList('LogWeek', 'How much was written of each week, the oldest first, up to two years back.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(422, 'Problem', 'A filter cannot be read.')]
    public function weeks(LogRequest $request, OneLog $log): JsonResponse
    {
        return response()->json(LogWeek::all($log->weeks($request->filter(), $request->string('words')->value(), FacilityReader::today(FacilitySettings::query()->firstOrFail()))));
    }

    #[OA\Get(path: '/api/v1/log/{line}', operationId: 'showEntry')]
    #[InPath('line')]
    #[Answers(200, 'LogDetail', 'The entry, what can be done about it, and how it stood before.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such entry.')]
    public function show(int $line): JsonResponse
    {
        [$row, $kind, $entry] = $this->entry($line);
        $says = Messages::ofFacility();
        $isThere = $row->removed_at === null;
        $fields = $isThere ? $this->corrections->fields($kind, $entry) : [];
        $mayGo = $isThere && EntryRemoval::isPossible($kind, $entry);
        $refusal = $mayGo ? $this->refusal($entry) : null;

        return response()->json(new LogDetail(
            LogLine::from($row, $says->say($this->teller->tell($kind, $entry)), $this->teller->names, PicturesOfEntries::of([$row])->to($row)),
            EntryHistory::lastChange($entry),
            $fields,
            $mayGo,
            $mayGo && $refusal === null ? $says->sayEach($this->removal->consequences($entry)) : [],
            $says->sayIf($refusal),
            ! $isThere && EntryRemoval::canBePutBack($entry),
            $kind === LogKind::Change ? [] : $this->history($kind, $entry, $says, $fields !== []),
        ));
    }

    #[OA\Put(path: '/api/v1/log/{line}', operationId: 'correctEntry')]
    #[InPath('line')]
    #[Idempotent]
    #[Takes('CorrectionRequest')]
    #[AnswersNothing('Corrected; how it stood before stays in its history.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such entry.')]
    #[Answers(409, 'Problem', 'It was corrected meanwhile.')]
    #[Answers(422, 'Problem', 'It cannot have happened like this, or is so unlikely that it is asked about.')]
    public function update(CorrectionRequest $request, int $line): Response|JsonResponse
    {
        [$row, $kind, $entry] = $this->entry($line);
        if ($row->removed_at !== null) {
            throw InvalidEntry::because('line', Finding::of('log.taken_out_already'));
        }
        if ($request->integer('version') !== EntryHistory::lastChange($entry)) {
            return Problems::of(409, Finding::of('log.changed_meanwhile'));
        }
        $this->corrections->correct($kind, $entry, $request->fields(), $request->boolean('keep'));

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/v1/log/{line}', operationId: 'removeEntry')]
    #[InPath('line')]
    #[Idempotent]
    #[AnswersNothing('Taken out, with what was written with it; it can be put back. A change is put back as it was before.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such entry.')]
    #[Answers(422, 'Problem', 'Later entries rest on it.')]
    public function destroy(int $line): Response
    {
        [$row, $kind, $entry] = $this->entry($line);
        if ($row->removed_at !== null || ! EntryRemoval::isPossible($kind, $entry)) {
            throw InvalidEntry::because('line', $row->removed_at !== null ? Finding::of('log.taken_out_already') : Finding::of('log.not_put_back'));
        }
        $this->removal->remove($entry);

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/log/{line}/restore', operationId: 'restoreEntry')]
    #[InPath('line')]
    #[Idempotent]
    #[AnswersNothing('Put back, with what had gone with it.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such entry.')]
    #[Answers(422, 'Problem', 'It cannot have happened among what stands there now.')]
    public function restore(int $line): Response
    {
        [$row, $kind, $entry] = $this->entry($line);
        if ($row->removed_at === null) {
            throw InvalidEntry::because('line', Finding::of('log.not_taken_out'));
        }
        $this->corrections->checkReturn($kind, $entry);
        $this->removal->putBack($entry);

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/log/{line}/versions/{version}', operationId: 'returnEntry')]
    #[InPath('line')]
    #[OA\Parameter(name: 'version', in: 'path', required: true, description: 'Of its history.', schema: new OA\Schema(type: 'integer'))]
    #[Idempotent]
    #[AnswersNothing('It stands as it did then.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such entry or version.')]
    #[Answers(422, 'Problem', 'It cannot have happened like that among what stands there now.')]
    public function return(int $line, int $version): Response
    {
        [$row, $kind, $entry] = $this->entry($line);
        if ($row->removed_at !== null) {
            throw InvalidEntry::because('line', Finding::of('log.taken_out_already'));
        }
        $state = collect(EntryHistory::of($entry))->first(fn (EntryVersion $one): bool => $one->id === $version)->state ?? abort(404);
        $this->corrections->correct($kind, $entry, [], keep: true, state: $state);

        return response()->noContent();
    }

    /** @return array{stdClass, LogKind, Model} */
    private function entry(int $line): array
    {
        $row = OneLog::line($line) ?? abort(404);
        $kind = LogKind::from($row->kind);

        return [$row, $kind, Teller::entries($kind)->whereKey($row->row_id)->firstOrFail()];
    }

    /** Tried and undone at once: what is said before is what would be said then. */
    private function refusal(Model $entry): ?Finding
    {
        DB::beginTransaction();
        try {
            $this->removal->remove(clone $entry);

            return null;
        } catch (InvalidEntry $refused) {
            return $refused->finding();
        } finally {
            DB::rollBack();
        }
    }

    /** @return list<LogVersion> */
    private function history(LogKind $kind, Model $entry, Messages $says, bool $isCorrectable): array
    {
        $now = $says->say($this->teller->tell($kind, $entry));

        return array_map(function (EntryVersion $version) use ($kind, $says, $isCorrectable, $now): LogVersion {
            $then = $says->say($this->teller->tell($kind, $version->state));
            $author = $this->teller->names->user($version->userId);

            return new LogVersion($version->id, $version->event, $version->at, $author === '' ? null : $author, $then, $isCorrectable && $then !== $now);
        }, EntryHistory::of($entry));
    }
}
