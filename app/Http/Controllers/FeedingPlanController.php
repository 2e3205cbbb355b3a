<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Feeding\FoodStore;
use App\Http\Requests\FeedingPlanRequest;
use App\Models\FeedingPlan;
use App\Models\Fish;
use App\Models\Food;
use App\Models\System;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Food\Food as FoodInPicture;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** What systems, and fish by themselves, are to be fed. */
final readonly class FeedingPlanController
{
    #[OA\Put(path: '/api/v1/systems/{system}/feeding-plan', operationId: 'planFeeding')]
    #[InPath('system')]
    #[Idempotent]
    #[Takes('FeedingPlanRequest')]
    #[AnswersNothing('From now on.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(404, 'Problem', 'No such system.')]
    #[Answers(422, 'Problem', 'It cannot be fed like this.')]
    public function plan(FeedingPlanRequest $request, System $system): Response
    {
        return self::keep($request, ['system_id' => $system->id]);
    }

    #[OA\Delete(path: '/api/v1/systems/{system}/feeding-plan', operationId: 'dropFeedingPlan')]
    #[InPath('system')]
    #[Idempotent]
    #[AnswersNothing('Dry food as the book says.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(404, 'Problem', 'No such system.')]
    public function drop(System $system): Response
    {
        FeedingPlan::query()->where('system_id', $system->id)->get()->each->delete();

        return response()->noContent();
    }

    #[OA\Put(path: '/api/v1/fish/{fish}/feeding-plan', operationId: 'planFeedingApart')]
    #[InPath('fish')]
    #[Idempotent]
    #[Takes('FeedingPlanRequest')]
    #[AnswersNothing('From now on it is fed by itself.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    #[Answers(422, 'Problem', 'It cannot be fed like this.')]
    public function planApart(FeedingPlanRequest $request, Fish $fish): Response
    {
        return self::keep($request, ['fish_id' => $fish->id]);
    }

    #[OA\Delete(path: '/api/v1/fish/{fish}/feeding-plan', operationId: 'feedTogether')]
    #[InPath('fish')]
    #[Idempotent]
    #[AnswersNothing('It is fed with the others.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'For keepers.')]
    #[Answers(404, 'Problem', 'No such fish.')]
    public function together(Fish $fish): Response
    {
        FeedingPlan::query()->where('fish_id', $fish->id)->get()->each->delete();

        return response()->noContent();
    }

    /** @param  array{system_id: int}|array{fish_id: int}  $of */
    private static function keep(FeedingPlanRequest $request, array $of): Response
    {
        FeedingPlan::query()->updateOrCreate($of, self::checked($request));

        return response()->noContent();
    }

    /**
     * @return array<string, mixed>
     *
     * @throws InvalidEntry when it cannot be fed like this
     */
    private static function checked(FeedingPlanRequest $request): array
    {
        $request->plan(fn (int $id): FoodInPicture => FoodStore::food(Food::query()->findOrFail($id)));

        return $request->columns();
    }
}
