<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Database\References;
use App\Http\Requests\SpeciesRequest;
use App\Http\Resources\SpeciesRow;
use App\Http\Resources\SpeciesSheet;
use App\Models\Fish;
use App\Models\Species;
use App\OpenApi\Answers;
use App\OpenApi\AnswersList;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use App\Species\SpeciesCatalogue;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** What fish may be: as it came with the application, with the keeper's own values over it. */
final readonly class SpeciesController
{
    private const MOST = 2000;

    #[OA\Get(path: '/api/v1/species', operationId: 'listSpecies')]
    #[AnswersList('SpeciesRow', 'By name.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function index(UnreadableRows $unreadable): JsonResponse
    {
        $here = self::here();
        $allSpecies = Species::query()->orderBy('common_name')->limit(self::MOST)->get();

        return response()->json($unreadable->readAll(StoredTable::Species, $allSpecies, fn (Species $species): SpeciesRow => SpeciesRow::from($species, $here[$species->id] ?? 0)));
    }

    #[OA\Get(path: '/api/v1/species/{species}', operationId: 'showSpecies')]
    #[InPath('species')]
    #[Answers(200, 'SpeciesSheet', 'Its sheet.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such species.')]
    public function show(Species $species): JsonResponse
    {
        return response()->json(self::sheet($species));
    }

    #[OA\Post(path: '/api/v1/species', operationId: 'addSpecies')]
    #[Idempotent]
    #[Takes('SpeciesRequest')]
    #[Answers(201, 'SpeciesSheet', 'Added.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'A value that cannot be.')]
    public function store(SpeciesRequest $request, SpeciesCatalogue $book): JsonResponse
    {
        return response()->json(self::sheet($book->add($request->description(), $request->input('form'))), 201);
    }

    #[OA\Put(path: '/api/v1/species/{species}', operationId: 'changeSpecies')]
    #[InPath('species')]
    #[Idempotent]
    #[Takes('SpeciesRequest')]
    #[Answers(200, 'SpeciesSheet', 'Changed; what differs from how it came is marked as the keeper\'s own.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such species.')]
    #[Answers(422, 'Problem', 'A value that cannot be.')]
    public function update(SpeciesRequest $request, Species $species, SpeciesCatalogue $book): JsonResponse
    {
        $book->change($species, $request->description());

        return response()->json(self::sheet($species->refresh()));
    }

    #[OA\Delete(path: '/api/v1/species/{species}', operationId: 'removeSpecies')]
    #[InPath('species')]
    #[Idempotent]
    #[AnswersNothing('Taken out.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such species.')]
    #[Answers(422, 'Problem', 'It came with the application, or fish are taken for it.')]
    public function destroy(Species $species): Response
    {
        if ($species->description !== []) {
            throw InvalidEntry::because('species', Finding::of('entry.species_shipped'));
        }
        References::mustBeNone(References::to('species', $species->id), 'species', $species->common_name, Finding::of('entry.instead_say_what'));
        $species->delete();

        return response()->noContent();
    }

    private static function sheet(Species $species): SpeciesSheet
    {
        return SpeciesSheet::from($species, self::here()[$species->id] ?? 0, Species::query()->get(['id', 'key', 'common_name'])->keyBy('key'));
    }

    /** @return array<int, int> fish and shoals by species */
    private static function here(): array
    {
        return Fish::query()->selectRaw('species_id, count(*) as n')->groupBy('species_id')->pluck('n', 'species_id')->all();
    }
}
