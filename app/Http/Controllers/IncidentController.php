<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Http\Requests\IncidentRequest;
use App\Http\Resources\Recorded;
use App\Log\EntryRemoval;
use App\Models\Attempt;
use App\Models\Incident;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Company\Act;
use Biomegas\Company\Harm;
use Biomegas\Company\Incident as IncidentInCompany;
use Biomegas\Facility\Fish;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

final readonly class IncidentController
{
    #[OA\Post(path: '/api/v1/incidents', operationId: 'addIncident')]
    #[Idempotent]
    #[Takes('IncidentRequest')]
    #[Answers(201, 'Recorded', 'Recorded.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'It cannot have happened like this.')]
    public function store(IncidentRequest $request, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        $actor = $this->fish($kept, $request, 'actor_id');
        $seen = [Act::from($request->string('act')->value()), Harm::from($request->string('harm')->value()), $request->day(), $kept->facility->date];
        $incidents = $request->input('target_id') === null
            ? IncidentInCompany::recordAgainstAll($actor, $kept->facility->fish, ...$seen)
            : [IncidentInCompany::record($actor, $this->fish($kept, $request, 'target_id'), ...$seen)];
        $first = null;
        foreach ($incidents as $incident) {
            $entry = Incident::query()->create([
                'fish_id' => $kept->kept($incident->actor)->id,
                'target_id' => $kept->kept($incident->target)->id,
                'date' => $incident->date->toIso(),
                'time' => $request->input('time'),
                'act' => $incident->act->value,
                'harm' => $incident->harm->value,
                'occasions' => $request->input('occasions', []),
                'first_id' => $first?->id,
                'user_id' => $request->user()?->id,
            ]);
            $first ??= $entry;
        }

        if ($request->input('intervention') !== null) {
            Attempt::query()->create(['system_id' => Keys::id($incidents[0]->home), 'incident_id' => $first->id, 'date' => $incidents[0]->date->toIso(), 'intervention' => $request->input('intervention'), 'success' => $request->input('success'), 'user_id' => $request->user()?->id]);
        }

        return response()->json(new Recorded($first->id), 201);
    }

    #[OA\Delete(path: '/api/v1/incidents/{incident}', operationId: 'undoIncident')]
    #[InPath('incident')]
    #[Idempotent]
    #[AnswersNothing('Taken out, with those that it led and what was done.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such incident.')]
    public function destroy(Incident $incident, EntryRemoval $removal): Response
    {
        $removal->remove($incident);

        return response()->noContent();
    }

    private function fish(FacilitySnapshot $kept, IncidentRequest $request, string $field): Fish
    {
        return $kept->find($request->integer($field)) ?? throw InvalidEntry::because($field, Finding::of('entry.no_such_fish'));
    }
}
