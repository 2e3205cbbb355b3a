<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\FacilitySnapshot;
use App\Http\Requests\KnownSpeciesRequest;
use App\Http\Resources\SpeciesOutline;
use App\Http\Resources\SpeciesSheet;
use App\Models\Species;
use App\OpenApi\Answers;
use App\OpenApi\Idempotent;
use App\OpenApi\Takes;
use App\Species\KnownSpecies;
use App\Species\SpeciesCatalogue;
use Biomegas\Facility\Range;
use Biomegas\Planning\Describing\WorkedOut;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A species that is missing, from what a keeper knows of it. */
final readonly class KnownSpeciesController
{
    #[OA\Post(path: '/api/v1/species/preview', operationId: 'previewSpecies')]
    #[Takes('KnownSpeciesRequest')]
    #[Answers(200, 'SpeciesOutline', 'What would follow from it.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(422, 'Problem', 'Everything that cannot be taken as it is, at its field.')]
    public function preview(KnownSpeciesRequest $request, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        $like = $request->like();
        $known = self::describe($request, $kept, $like);

        return response()->json(SpeciesOutline::from($known['outline'], $known['adult'], $request->input('form') ?? $like->form ?? SpeciesCatalogue::USUAL_FORM, $kept->says()));
    }

    #[OA\Post(path: '/api/v1/species/known', operationId: 'addKnownSpecies')]
    #[Idempotent]
    #[Takes('KnownSpeciesRequest')]
    #[Answers(201, 'SpeciesSheet', 'Added; what was worked out is marked so.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'Everything that cannot be taken as it is, at its field.')]
    public function store(KnownSpeciesRequest $request, FacilityReader $reader, SpeciesCatalogue $catalogue): JsonResponse
    {
        $like = $request->like();
        $known = self::describe($request, $reader->read(), $like);
        $species = $catalogue->add([...$known['description'], ...$request->more()], $request->input('form') ?? $like?->form);

        return response()->json(SpeciesSheet::from($species, 0, Species::query()->get(['id', 'key', 'common_name'])->keyBy('key')), 201);
    }

    /** @return array{description: array<string, mixed>, outline: WorkedOut, adult: Range} */
    private static function describe(KnownSpeciesRequest $request, FacilitySnapshot $kept, ?Species $like): array
    {
        return KnownSpecies::describe($request->known(), $like?->current(), $kept->units, $kept->says());
    }
}
