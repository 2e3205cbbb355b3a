<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SearchRequest;
use App\Http\Resources\Found;
use App\Http\Resources\FoundName;
use App\Http\Resources\LogSheet;
use App\Log\LogFilter;
use App\Log\NameSearch;
use App\Log\OneLog;
use App\Log\Teller;
use App\OpenApi\Answers;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class SearchController
{
    private const ENTRIES = 12;

    #[OA\Get(path: '/api/v1/search', operationId: 'search')]
    #[OA\Parameter(name: 'words', in: 'query', required: true, description: 'Beginnings of words; accents and slips are forgiven.', schema: new OA\Schema(type: 'string'))]
    #[Answers(200, 'Found', 'Fish, systems and species by name, and the newest entries of the log that say so.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(422, 'Problem', 'Nothing to look for.')]
    public function index(SearchRequest $request, OneLog $log, Teller $teller): JsonResponse
    {
        $typed = $request->string('words')->value();
        $names = NameSearch::of($typed);

        return response()->json(new Found(
            FoundName::all($names->fish()), FoundName::all($names->systems()), FoundName::all($names->species()),
            LogSheet::from($log->page(new LogFilter, $typed, most: self::ENTRIES), $teller),
        ));
    }
}
