<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\FacilitySnapshot;
use App\Http\Requests\FishTableRequest;
use App\Http\Requests\FishTableUndo;
use App\Http\Resources\CheckedTable;
use App\Http\Resources\SavedTable;
use App\Import\CheckedRow;
use App\Import\TableCheck;
use App\Import\TableSaver;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\Takes;
use Biomegas\Calendar\DateOrder;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\UnitSystem;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** Many fish and many lengths at once, as a keeper has them in a table. */
final readonly class FishTableController
{
    public function __construct(private FacilityReader $reader, private TableSaver $saver)
    {
    }

    #[OA\Post(path: '/api/v1/fish/table/preview', operationId: 'previewFishTable')]
    #[Takes('FishTableRequest')]
    #[Answers(200, 'CheckedTable', 'Every row as it is read.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(422, 'Problem', 'No table, or too large a one.')]
    public function preview(FishTableRequest $request): JsonResponse
    {
        [$rows, $order, $isTold] = $this->read($request, $this->reader->read());

        return response()->json(CheckedTable::from($rows, $order, $isTold));
    }

    #[OA\Post(path: '/api/v1/fish/table', operationId: 'addFishTable')]
    #[Idempotent]
    #[Takes('FishTableRequest')]
    #[Answers(201, 'SavedTable', 'The good rows are written down; the others are named.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'No table, too large a one, or no good row.')]
    public function store(FishTableRequest $request): JsonResponse
    {
        $kept = $this->reader->read();
        [$rows] = $this->read($request, $kept);
        $good = array_values(array_filter($rows, fn (CheckedRow $row): bool => $row->isGood()));
        if ($good === []) {
            throw InvalidEntry::because('text', Finding::of('import.no_good_row'));
        }
        $saved = $this->saver->save($good, $kept->facility->rulebook->ration(), $request->howMeasured());
        $left = array_values(array_filter($rows, fn (CheckedRow $row): bool => ! $row->isGood()));

        return response()->json(new SavedTable($saved['fish'], $saved['lengths'], array_map(fn (CheckedRow $row): int => $row->typed['line'], $left)), 201);
    }

    #[OA\Post(path: '/api/v1/fish/table/undo', operationId: 'undoFishTable')]
    #[Idempotent]
    #[Takes('FishTableUndo')]
    #[AnswersNothing('Taken back.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'More has been written about one of them.')]
    public function undo(FishTableUndo $request): Response
    {
        $this->saver->undo($request->ids('fish'), $request->ids('lengths'));

        return response()->noContent();
    }

    /** @return array{list<CheckedRow>, DateOrder, bool} */
    private function read(FishTableRequest $request, FacilitySnapshot $kept): array
    {
        $table = $request->table();
        $told = $table->dateOrder();
        $order = $told ?? DateOrder::tryFrom($request->string('date_order')->value()) ?? ($kept->units->main === UnitSystem::Us ? DateOrder::MonthFirst : DateOrder::DayFirst);

        return [(new TableCheck($kept, $order))->all($table), $order, $told !== null];
    }
}
