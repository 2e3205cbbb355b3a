<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Facility\PlanBook;
use App\Http\Problems;
use App\Http\Requests\AdoptionRequest;
use App\Http\Requests\PlanRequest;
use App\Http\Requests\SupposedRules;
use App\Http\Resources\PlanPage;
use App\Http\Resources\PlanRow;
use App\Http\Resources\Plans;
use App\Jobs\SolvePlan;
use App\Models\Plan;
use App\Models\PlanState;
use App\OpenApi\Answers;
use App\OpenApi\AnswersNothing;
use App\OpenApi\Idempotent;
use App\OpenApi\InPath;
use App\OpenApi\Takes;
use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Planning\Plan\Aim;
use Biomegas\Planning\Plan\Concern;
use Biomegas\Planning\Plan\PlannedStay;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** Plans: asked for, worked out aside, compared, followed. */
final readonly class PlanController
{
    public function __construct(private FacilityReader $reader)
    {
    }

    #[OA\Get(path: '/api/v1/plans', operationId: 'listPlans')]
    #[Answers(200, 'Plans', 'Those that there are.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function index(): JsonResponse
    {
        $kept = $this->reader->read();
        $plans = Plan::query()->with('moves')->latest('id')->limit(Plan::MOST + 1)->get();

        return response()->json(new Plans(array_values($plans->map(fn (Plan $plan): PlanRow => PlanRow::from($kept, $plan))->all()), Plan::adopted()?->id));
    }

    #[OA\Get(path: '/api/v1/lanes', operationId: 'showLanes', description: 'The plan that is followed, or as things are.')]
    #[Answers(200, 'PlanPage', 'Who goes where and when.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    public function lanes(): JsonResponse
    {
        return response()->json(PlanPage::from($this->reader->read(), Plan::adopted()));
    }

    #[OA\Get(path: '/api/v1/plans/{plan}', operationId: 'showPlan')]
    #[InPath('plan')]
    #[Answers(200, 'PlanPage', 'Who goes where and when; as things are while it is not ready.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(404, 'Problem', 'No such plan.')]
    public function show(Plan $plan): JsonResponse
    {
        return response()->json(PlanPage::from($this->reader->read(), $plan));
    }

    #[OA\Post(path: '/api/v1/plans', operationId: 'askForPlan', description: 'It is worked out aside.')]
    #[Idempotent]
    #[Takes('PlanRequest')]
    #[Answers(201, 'PlanRow', 'Asked for.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(409, 'Problem', 'One is worked out already.')]
    #[Answers(422, 'Problem', 'Nothing to plan, or locks that contradict each other.')]
    public function store(PlanRequest $request): JsonResponse
    {
        $kept = $this->reader->read();
        if ($kept->facility->systems === [] || $kept->facility->fish === []) {
            throw InvalidEntry::because('aim', Finding::of('entry.nothing_to_plan'));
        }
        if (Plan::query()->whereIn('state', [PlanState::Waiting, PlanState::Solving])->exists()) {
            return Problems::of(409, Finding::of('problem.plan_under_way'));
        }
        $this->checkLocks($kept, $request->locks());
        $plan = Plan::query()->create([
            'aim' => $request->enum('aim', Aim::class), 'months' => $request->integer('months'), 'may_build' => $request->boolean('may_build'),
            'locks' => $request->locks(), 'supposed' => SupposedRules::read($kept, $request->supposed()), 'state' => PlanState::Waiting, 'user_id' => $request->user()?->id,
        ]);
        Plan::clearOld();
        SolvePlan::dispatch($plan->id, (float) config('plan.seconds'));

        return response()->json(PlanRow::from($this->reader->read(), $plan->refresh()), 201);
    }

    #[OA\Post(path: '/api/v1/plans/{plan}/stop', operationId: 'stopPlan', description: 'The best found so far is kept.')]
    #[InPath('plan')]
    #[Idempotent]
    #[AnswersNothing('It will stop, or has.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such plan.')]
    public function stop(Plan $plan): Response
    {
        $plan->update(['is_stop_asked' => true]);

        return response()->noContent();
    }

    #[OA\Put(path: '/api/v1/plans/{plan}/adoption', operationId: 'adoptPlan', description: 'It is followed from now on, and no other.')]
    #[InPath('plan')]
    #[Idempotent]
    #[Takes('AdoptionRequest')]
    #[Answers(200, 'PlanRow', 'It is followed.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such plan.')]
    #[Answers(409, 'Problem', 'Another plan was adopted meanwhile, it is not ready, or it supposes what nobody can bring about.')]
    #[Answers(422, 'Problem', 'Which plan it takes the place of is not said.')]
    public function adopt(AdoptionRequest $request, Plan $plan): JsonResponse
    {
        $followed = Plan::adopted();
        if ($followed?->id !== $plan->id) {
            if ($plan->state !== PlanState::Ready) {
                return Problems::of(409, Finding::of('problem.plan_not_ready'));
            }
            if ($followed?->id !== $request->input('instead_of')) {
                return Problems::of(409, Finding::of('problem.plan_adopted_meanwhile'));
            }
            $book = new PlanBook($this->reader->read());
            foreach ($book->supposed($plan) as $supposed) {
                if (! $supposed->isInHand()) {
                    return Problems::of(409, Finding::of('problem.plan_supposes', supposed: $supposed->finding($book->facility([]))));
                }
            }
            $followed?->update(['adopted_at' => null]);
            $plan->update(['adopted_at' => now(), 'replaced_id' => $followed?->id, 'accepted' => array_map(fn (Concern $concern): string => $concern->key, Concern::allOf($book->read($plan)))]);
        }

        return response()->json(PlanRow::from($this->reader->read(), $plan));
    }

    #[OA\Delete(path: '/api/v1/plans/{plan}/adoption', operationId: 'leavePlan', description: 'The one before it is followed again.')]
    #[InPath('plan')]
    #[Idempotent]
    #[AnswersNothing('It is not followed any more.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such plan.')]
    public function leave(Plan $plan): Response
    {
        if ($plan->adopted_at !== null) {
            $plan->update(['adopted_at' => null]);
            Plan::query()->find($plan->replaced_id)?->update(['adopted_at' => now()]);
        }

        return response()->noContent();
    }

    #[OA\Delete(path: '/api/v1/plans/{plan}', operationId: 'deletePlan')]
    #[InPath('plan')]
    #[Idempotent]
    #[AnswersNothing('It is gone; one that was worked out stops.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(404, 'Problem', 'No such plan.')]
    #[Answers(409, 'Problem', 'It is followed.')]
    public function destroy(Plan $plan): Response|JsonResponse
    {
        if ($plan->adopted_at !== null) {
            return Problems::of(409, Finding::of('problem.plan_followed'));
        }
        $plan->delete();

        return response()->noContent();
    }

    /**
     * @param  list<array{fish_id: int, system_id: int, from: string|null, until: string|null}>  $locks
     *
     * @throws InvalidEntry when one names nobody, or two have a fish in two systems at once
     */
    private function checkLocks(FacilitySnapshot $kept, array $locks): void
    {
        $stays = [];
        foreach ($locks as $i => $lock) {
            if ($kept->find($lock['fish_id']) === null) {
                throw InvalidEntry::because("locks.{$i}.fish_id", Finding::of('entry.no_such_fish'));
            }
            if (! isset($kept->facility->systems[Keys::ofSystem($lock['system_id'])])) {
                throw InvalidEntry::because("locks.{$i}.system_id", Finding::of('entry.no_system'));
            }
            $stay = new PlannedStay(
                Keys::ofFish($lock['fish_id']), Keys::ofSystem($lock['system_id']), LocalDate::fromIso($lock['from'] ?? $kept->facility->date->toIso()),
                $lock['until'] === null ? null : LocalDate::fromIso($lock['until']),
            );
            foreach ($stays as $other) {
                if ($stay->contradicts($other)) {
                    throw InvalidEntry::because("locks.{$i}.system_id", Finding::of('entry.locks_contradict', fish: $kept->facility->fish[$stay->fish]->name));
                }
            }
            $stays[] = $stay;
        }
    }
}
