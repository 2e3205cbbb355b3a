<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\PlanBook;
use App\Http\Requests\WhyNotRequest;
use App\Http\Resources\WhyNotSheet;
use App\Models\Plan;
use App\OpenApi\Answers;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Why this fish is not in that home. */
final readonly class WhyNotController
{
    #[OA\Get(path: '/api/v1/lanes/why-not', operationId: 'whyNotThere', description: 'By a plan, or by the one that is followed, or as things are.', parameters: [
        new OA\Parameter(name: 'fish_id', in: 'query', required: true, schema: new OA\Schema(type: 'integer')),
        new OA\Parameter(name: 'key', description: 'Of the lane.', in: 'query', required: true, schema: new OA\Schema(type: 'string')),
        new OA\Parameter(name: 'on', in: 'query', required: true, schema: new OA\Schema(type: 'string', format: 'date')),
        new OA\Parameter(name: 'plan_id', in: 'query', required: false, schema: new OA\Schema(type: 'integer')),
    ])]
    #[Answers(200, 'WhyNotSheet', 'What stands against it, or until when it would do.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such plan.')]
    #[Answers(422, 'Problem', 'No such fish or home.')]
    public function show(WhyNotRequest $request, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        $book = new PlanBook($kept);
        $plan = $request->filled('plan_id') ? Plan::query()->findOrFail($request->integer('plan_id')) : Plan::adopted();
        $decision = $book->seen($plan);
        $fish = $kept->find($request->integer('fish_id')) ?? throw InvalidEntry::because('fish_id', Finding::of('entry.no_such_fish'));
        $homes = [...array_keys($kept->facility->systems), ...array_map(fn (System $home): string => $home->key, $decision->built)];
        if (! in_array($request->string('key')->toString(), $homes, true)) {
            throw InvalidEntry::because('key', Finding::of('entry.no_such_home'));
        }
        $day = LocalDate::later(LocalDate::fromIso($request->string('on')->toString()), $kept->facility->date);

        return response()->json(new WhyNotSheet($kept->says()->sayEach($book->planner($plan === null ? [] : $book->supposed($plan))->whyNotThere($decision, $fish->key, $request->string('key')->toString(), $day))));
    }
}
