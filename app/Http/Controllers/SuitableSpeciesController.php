<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Http\Resources\SpeciesRow;
use App\Http\Resources\SuitableSpeciesRow;
use App\Models\Species;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use App\OpenApi\InPath;
use App\Repair\StoredTable;
use App\Scenario\ScenarioMapper;
use Biomegas\Planning\Search\SpeciesSearch;
use Biomegas\Planning\Search\SuitableSpecies;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** The search turned round: what could live here? */
final readonly class SuitableSpeciesController
{
    private const MOST_SPECIES = 2000;

    #[OA\Get(path: '/api/v1/systems/{system}/suitable-species', operationId: 'listSuitableSpecies')]
    #[InPath('system')]
    #[AnswersList('SuitableSpeciesRow', 'Every kind: for life first, then those that fit longest, then those that do not.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such system.')]
    public function index(System $system, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        $allSpecies = Species::query()->limit(self::MOST_SPECIES)->get()->keyBy('key');
        $described = $kept->unreadable->readAll(StoredTable::Species, $allSpecies, fn (Species $species): array => [ScenarioMapper::species($species->current()), ScenarioMapper::background($species->current())]);
        $found = (new SpeciesSearch($kept->facility, $kept->residents()))->in($kept->system($system->id), $described);
        $rows = array_map(fn (SuitableSpecies $suitable): SuitableSpeciesRow => SuitableSpeciesRow::from($suitable, SpeciesRow::from($allSpecies->get($suitable->species->key) ?? new Species, 0), $kept->says()), $found);

        return response()->json($rows);
    }
}
