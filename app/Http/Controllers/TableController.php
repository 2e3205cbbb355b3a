<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exchange\Csv;
use App\Exchange\ViewRows;
use App\Exchange\ViewTable;
use App\Http\Requests\TableRequest;
use App\OpenApi\Answers;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** What a view shows, to be taken along as a table. */
final readonly class TableController
{
    private const ROWS_AT_ONCE = 500;

    /** Of the processor: a million lines take their time. */
    private const MOST_SECONDS = 300;

    #[OA\Get(path: '/api/v1/tables/{table}', operationId: 'fetchTable', responses: [
        new OA\Response(response: 200, description: 'CSV (RFC 4180, UTF-8), a line of headings first.', content: new OA\MediaType(mediaType: 'text/csv')),
    ])]
    #[OA\Parameter(name: 'table', in: 'path', required: true, schema: new OA\Schema(type: 'string', enum: ViewTable::class))]
    #[OA\Parameter(name: 'fish', in: 'query', description: 'Of this one alone.', schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'system', in: 'query', description: 'Of this one alone.', schema: new OA\Schema(type: 'integer'))]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such table.')]
    #[Answers(422, 'Problem', 'Of whom cannot be read.')]
    public function show(TableRequest $request, ViewTable $table, ViewRows $rows): StreamedResponse
    {
        [$fish, $system] = [$request->has('fish') ? $request->integer('fish') : null, $request->has('system') ? $request->integer('system') : null];

        return response()->streamDownload(function () use ($table, $rows, $fish, $system): void {
            set_time_limit(self::MOST_SECONDS);
            $csv = new Csv;
            echo $csv->lines([ViewRows::headings($table)]);
            $some = [];
            foreach ($rows->of($table, $fish, $system) as $row) {
                $some[] = $row;
                if (count($some) === self::ROWS_AT_ONCE) {
                    echo $csv->lines($some);
                    flush();
                    $some = [];
                }
            }
            echo $csv->lines($some);
        }, "{$table->value}.csv", ['Content-Type' => 'text/csv; charset=utf-8; header=present']);
    }
}
