<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\FacilitySnapshot;
use App\Http\Requests\TypedLength;
use App\Http\Requests\WeighUpRequest;
use App\Http\Resources\Weighed;
use App\Http\Resources\YearSpan;
use App\Models\Species;
use App\OpenApi\Answers;
use App\Scenario\ScenarioMapper;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\Units;
use Biomegas\Planning\WeighUp\Candidate;
use Biomegas\Planning\WeighUp\HealthSeen;
use Biomegas\Planning\WeighUp\UnsureWeighUp;
use Biomegas\Planning\WeighUp\WeighUp;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final readonly class WeighUpController
{
    #[OA\Get(path: '/api/v1/weigh-up', operationId: 'weighUp')]
    #[OA\Parameter(name: 'species_id', in: 'query', required: true, schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'count', in: 'query', schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'length', in: 'query', description: 'As typed; absent: as it is usually sold.', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'price', in: 'query', description: 'Of one.', schema: new OA\Schema(type: 'number'))]
    #[OA\Parameter(name: 'health', in: 'query', schema: new OA\Schema(type: 'string', enum: HealthSeen::class))]
    #[OA\Parameter(name: 'quarantine_served', in: 'query', description: 'Days at the seller\'s.', schema: new OA\Schema(type: 'integer'))]
    #[OA\Parameter(name: 'fallback', in: 'query', description: 'Where it goes if it cannot stay.', schema: new OA\Schema(type: 'string'))]
    #[OA\Parameter(name: 'perhaps', in: 'query', style: 'deepObject', description: 'What else it may be: species_id and weight of each.', schema: new OA\Schema(type: 'array', maxItems: 3, items: new OA\Items(type: 'object')))]
    #[OA\Parameter(name: 'with', in: 'query', style: 'deepObject', description: 'Others that come with it, before it: species_id, count and length of each.', schema: new OA\Schema(type: 'array', maxItems: 5, items: new OA\Items(type: 'object')))]
    #[Answers(200, 'Weighed', 'What would come of it.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(422, 'Problem', 'Something that cannot be, or no system to put it in.')]
    public function show(WeighUpRequest $request, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        if ($kept->facility->systems === []) {
            throw InvalidEntry::because('species_id', Finding::of('entry.no_system'));
        }
        $residents = $kept->residents();
        foreach ($request->others() as $other) {
            $description = Species::query()->findOrFail($other['species_id'])->current();
            $length = TypedLength::millimetres('with', $other['length'], $kept->units);
            $companion = Candidate::of(ScenarioMapper::species($description), ScenarioMapper::background($description), $other['count'], $length, HealthSeen::Well, 0, null, true);
            $residents = $residents->and(WeighUp::of($companion, $kept->facility, $residents)->newcomer);
        }
        $candidate = $this->candidate($request, $request->integer('species_id'), $kept->units);
        $perhaps = $request->perhaps();
        if ($perhaps === []) {
            return $this->answer($kept, $candidate, WeighUp::of($candidate, $kept->facility, $residents));
        }
        $unsure = UnsureWeighUp::of([
            [$candidate, 1 - array_sum(array_column($perhaps, 'weight'))],
            ...array_map(fn (array $other): array => [$this->candidate($request, $other['species_id'], $kept->units), $other['weight']], $perhaps),
        ], $kept->facility, $residents);

        return $this->answer($kept, $unsure->lives[0]->candidate, $unsure->lives[0]->weighed, $unsure);
    }

    private function candidate(WeighUpRequest $request, int $speciesId, Units $units): Candidate
    {
        $description = Species::query()->findOrFail($speciesId)->current();

        return $request->candidate(ScenarioMapper::species($description), ScenarioMapper::background($description), $units);
    }

    private function answer(FacilitySnapshot $kept, Candidate $candidate, WeighUp $weighed, ?UnsureWeighUp $unsure = null): JsonResponse
    {
        return response()->json(Weighed::from($weighed, YearSpan::from($candidate->background->lifespan), $kept->facility->date, $kept->says(), $unsure));
    }
}
