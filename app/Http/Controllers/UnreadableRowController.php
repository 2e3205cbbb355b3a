<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\ProjectionCache;
use App\Http\Requests\RowCorrection;
use App\Http\Resources\Today;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use App\Repair\RowRepair;
use App\Repair\StoredTable;
use App\Repair\UnreadableRow;
use App\Repair\UnreadableRows;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;
use stdClass;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Mends what is written down and cannot be read. */
final readonly class UnreadableRowController
{
    public function __construct(private ProjectionCache $answers, private RowRepair $repair)
    {
    }

    #[OA\Put(path: '/api/v1/unreadable-rows/{table}/{row}', operationId: 'correctRow')]
    #[OA\Parameter(name: 'table', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: StoredTable::class))]
    #[InPath('row')]
    #[Idempotent]
    #[Takes('RowCorrection')]
    #[AnswersNothing('It can be read now.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such row.')]
    #[Answers(422, 'Problem', 'It cannot be read like this either, or can be read as it is.')]
    public function update(RowCorrection $request, StoredTable $table, int $row): Response
    {
        $this->repair->correct($table, $this->unreadable($table, $row), $request->array('values'));
        $still = $this->find($table, $row);
        if ($still !== null && ! $still->isWaiting) {
            throw InvalidEntry::because('values', Finding::of('entry.still_unreadable', reason: $still->reason));
        }

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/v1/unreadable-rows/{table}/{row}', operationId: 'deleteRow')]
    #[OA\Parameter(name: 'table', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: StoredTable::class))]
    #[InPath('row')]
    #[Idempotent]
    #[AnswersNothing('Deleted; what it was stays in the activity log.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such row.')]
    #[Answers(422, 'Problem', 'It can be read, or something rests on it.')]
    public function destroy(StoredTable $table, int $row): Response
    {
        $this->repair->delete($table, $this->unreadable($table, $row));

        return response()->noContent();
    }

    /** @throws InvalidEntry when it can be read: then it has a page of its own to be changed on */
    private function unreadable(StoredTable $table, int $id): stdClass
    {
        $row = RowRepair::row($table, $id) ?? throw new NotFoundHttpException;
        $found = $this->find($table, $id) ?? throw InvalidEntry::because('row', Finding::of('entry.row_readable'));

        return $found->isWaiting ? throw InvalidEntry::because('row', $found->reason) : $row;
    }

    /** Looks where Today looks. */
    private function find(StoredTable $table, int $id): ?UnreadableRow
    {
        $rows = new UnreadableRows;
        Today::from((new FacilityReader($this->answers, $rows))->read());

        return $rows->find($table, $id);
    }
}
