<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Resources\KindRow;
use App\Http\Resources\LodgerRow;
use App\Models\Species;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use App\OpenApi\InPath;
use App\Repair\StoredTable;
use App\Scenario\Described;
use Biomegas\Planning\Search\Lodger;
use Biomegas\Planning\Search\LodgerSearch;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The search turned round: what could live here? */
final readonly class LodgerController
{
    private const MOST_KINDS = 2000;

    #[OA\Get(path: '/api/v1/systems/{system}/lodgers', operationId: 'listLodgers')]
    #[InPath('system')]
    #[AnswersList('LodgerRow', 'Every kind: for life first, then those that fit longest, then those that do not.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such system.')]
    public function index(System $system, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        $kinds = Species::query()->limit(self::MOST_KINDS)->get()->keyBy('key');
        $described = $kept->unreadable->readAll(StoredTable::Species, $kinds, fn (Species $kind): array => [Described::species($kind->current()), Described::background($kind->current())]);
        $lodgers = (new LodgerSearch($kept->facility, $kept->residents(), $kept->spoken()))->in($kept->system($system->id), $described);
        $rows = array_map(fn (Lodger $one): LodgerRow => LodgerRow::from($one, KindRow::from($kinds->get($one->kind->key) ?? new Species, 0)), $lodgers);

        return response()->json($rows);
    }
}
