<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\PartOfShoal;
use App\Facility\ShoalParting;
use App\Http\Requests\JoinRequest;
use App\Http\Requests\PartRequest;
use App\Http\Resources\Recorded;
use App\Models\Fish;
use App\Models\ShoalJoin;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Facility\Sex;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Losses\Parting;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** One of a shoal, or some, are kept and counted by themselves; and join it again. */
final readonly class PartingController
{
    public function __construct(private ShoalParting $parting, private FacilityReader $reader)
    {
    }

    #[OA\Post(path: '/api/v1/fish/{fish}/parts', operationId: 'partShoal')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('PartRequest')]
    #[Answers(201, 'Recorded', 'The number of the new fish or shoal: it lives where it did.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'There are not so many of that sort, or the name is taken.')]
    public function store(PartRequest $request, Fish $fish): JsonResponse
    {
        $kept = $this->reader->read($fish->id);
        $shoal = $kept->fish($fish->id);
        $sex = Sex::tryFrom($request->string('sex')->value());
        $size = Parting::check($shoal, $kept->kept($shoal)->present, $request->integer('count'), $sex, $request->string('size')->value());
        $part = $this->parting->part($fish, new PartOfShoal($request->integer('count'), $request->string('name')->trim()->value(), $sex, $size), $kept->facility->date);

        return response()->json(new Recorded($part->id), 201);
    }

    #[OA\Delete(path: '/api/v1/fish/{fish}/parting', operationId: 'undoParting')]
    #[InPath('fish')]
    #[Idempotent]
    #[AnswersNothing('As if it had never left the shoal.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'It was not parted, or something has been written since.')]
    public function destroy(Fish $fish): Response
    {
        $split = $this->parting->splitOf($fish->id) ?? throw InvalidEntry::because('fish', Finding::of('entry.not_parted', fish: $fish->name));
        $this->parting->checkUndo($split, byARun: false);
        $this->parting->undo($split);

        return response()->noContent();
    }

    #[OA\Post(path: '/api/v1/fish/{fish}/joins', operationId: 'joinShoal')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('JoinRequest')]
    #[Answers(201, 'Recorded', 'It is counted with the shoal from today; its own record stays.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'Not of one species in one home, or gone.')]
    public function join(JoinRequest $request, Fish $fish): JsonResponse
    {
        $kept = $this->reader->read();
        $one = $kept->find($fish->id) ?? throw InvalidEntry::because('fish', Finding::of('entry.fish_gone'));
        $shoal = $kept->find($request->integer('into')) ?? throw InvalidEntry::because('into', Finding::of('entry.fish_gone'));
        Parting::checkReturn($one, $shoal);
        $join = ShoalJoin::query()->create([
            'fish_id' => $fish->id, 'into_fish_id' => $request->integer('into'), 'date' => $kept->facility->date->toIso(),
            'count' => $one->count, 'sex' => $one->sex, 'user_id' => $request->user()?->id,
        ]);

        return response()->json(new Recorded($join->id), 201);
    }

    #[OA\Delete(path: '/api/v1/shoal-joins/{join}', operationId: 'undoJoin')]
    #[InPath('join')]
    #[Idempotent]
    #[AnswersNothing('It is by itself again.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'It did not join.')]
    public function undoJoin(ShoalJoin $join): Response
    {
        $join->forceDelete();

        return response()->noContent();
    }
}
