<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\FacilitySnapshot;
use App\Http\Requests\MixRequest;
use App\Http\Requests\TypedLength;
use App\Http\Resources\CompanyFish;
use App\Http\Resources\MixSheet;
use App\Models\Species;
use App\OpenApi\Answers;
use App\OpenApi\Takes;
use App\Scenario\ScenarioMapper;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Planning\Floor\ProjectedOccupant;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Planning\Mix\Mix;
use Biomegas\Planning\WeighUp\Candidate;
use Biomegas\Planning\WeighUp\HealthSeen;
use Biomegas\Planning\WeighUp\WeighUp;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** Some fish that are thought of together. */
final readonly class MixController
{
    #[OA\Post(path: '/api/v1/company/mix', operationId: 'weighMix', description: 'Nothing is written.')]
    #[Takes('MixRequest')]
    #[Answers(200, 'MixSheet', 'Until when it works, and who comes in when.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(422, 'Problem', 'A member that cannot be, or no system.')]
    public function show(MixRequest $request, FacilityReader $reader): JsonResponse
    {
        $kept = $reader->read();
        if ($kept->facility->systems === []) {
            throw InvalidEntry::because('system_id', Finding::of('entry.no_system'));
        }
        $home = $request->input('system_id') === null ? null : $this->home($kept, $request->integer('system_id'));
        $members = $rows = [];
        foreach ($request->members() as $i => $member) {
            [$members[], $rows[]] = $member['fish_id'] === null ? $this->thoughtOf($kept, $member, $i) : $this->own($kept, $member['fish_id'], $i);
        }

        return response()->json(MixSheet::from($kept, Mix::of($kept->facility, $members, $home), $rows, $home));
    }

    private function home(FacilitySnapshot $kept, int $id): System
    {
        return $kept->facility->systems[$kept->system($id)->key] ?? throw InvalidEntry::because('system_id', Finding::of('entry.no_system'));
    }

    /** @return array{ProjectedOccupant, CompanyFish} */
    private function own(FacilitySnapshot $kept, int $id, int $at): array
    {
        $fish = $kept->find($id) ?? throw InvalidEntry::because("members.{$at}.fish_id", Finding::of('entry.no_such_fish'));

        return [new ProjectedOccupant($fish, $kept->lengthsAhead($fish)), CompanyFish::from($kept, $fish)];
    }

    /**
     * @param  array{species_id: int|null, count: int, length: string, ...}  $member
     * @return array{ProjectedOccupant, CompanyFish}
     */
    private function thoughtOf(FacilitySnapshot $kept, array $member, int $at): array
    {
        $record = Species::query()->findOrFail($member['species_id']);
        $species = ScenarioMapper::species($record->current());
        $length = TypedLength::millimetres("members.{$at}.length", $member['length'], $kept->units);
        try {
            $candidate = Candidate::of($species, ScenarioMapper::background($record->current()), $member['count'], $length, HealthSeen::Well, 0, null, false);
        } catch (InvalidEntry $refused) {
            throw InvalidEntry::because("members.{$at}.length", $refused->finding());
        }
        $fish = WeighUp::asFish($candidate, $kept->facility, key: 'mix-'.($at + 1));
        $occupant = new ProjectedOccupant($fish, LengthsAhead::of($kept->facility, (new FacilityGrowth($kept->facility))->projectionOf($fish)));

        return [$occupant, CompanyFish::thoughtOf($fish, $occupant->occupantOn($kept->facility->date), -$at - 1, $record->form)];
    }
}
