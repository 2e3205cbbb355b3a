<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Facility\FacilityReader;
use App\Facility\PlanBook;
use App\Facility\PlanWriter;
use App\Facility\Supposed;
use App\Facility\TriedMoves;
use App\Http\Requests\SupposedRules;
use App\Http\Requests\TrialRequest;
use App\Http\Resources\PlanPage;
use App\Http\Resources\PlanRow;
use App\Http\Resources\TrialSheet;
use App\Models\Plan as Written;
use App\Models\PlanState;
use App\OpenApi\Answers;
use App\OpenApi\Idempotent;
use App\OpenApi\Takes;
use Biomegas\Planning\Plan\Aim;
use Biomegas\Planning\Plan\Plan;
use Biomegas\Planning\Plan\PlanChange;
use Biomegas\Planning\Supposing\Supposition;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** A plan changed by hand, and what would come of it if something were otherwise. */
final readonly class PlanTrialController
{
    public function __construct(private FacilityReader $reader)
    {
    }

    #[OA\Post(path: '/api/v1/lanes/trial', operationId: 'tryPlan', description: 'Nothing is written.')]
    #[Takes('TrialRequest')]
    #[Answers(200, 'TrialSheet', 'What comes of it.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(422, 'Problem', 'A move that cannot be, or nothing that can be supposed.')]
    public function show(TrialRequest $request): JsonResponse
    {
        $kept = $this->reader->read();
        $book = new PlanBook($kept);
        $written = self::changed($request);
        $supposed = Supposed::read($kept, SupposedRules::read($kept, $request->supposed()));
        $plan = $this->tried($request, $book, $written, $supposed);
        $before = $written === null ? $book->asItIs(PlanBook::USUAL_MONTHS) : $book->read($written);
        $change = new PlanChange($before, $plan);

        return response()->json(new TrialSheet(
            $kept->says()->sayEach($change->findings()),
            array_map(fn (Supposition $one): string => $kept->says()->say($one->finding($kept->facility)), $supposed),
            round($change->costsMore(), 2),
            PlanPage::ofTrial($kept, $plan, $book->asItIs($written->months ?? PlanBook::USUAL_MONTHS)->daysOutOfRule()),
        ));
    }

    #[OA\Post(path: '/api/v1/plans/by-hand', operationId: 'keepPlanByHand', description: 'A plan as the keeper drew it, to be held against others and followed.')]
    #[Idempotent]
    #[Takes('TrialRequest')]
    #[Answers(201, 'PlanRow', 'Kept.')]
    #[Answers(401, 'Problem', 'Not signed in.')]
    #[Answers(403, 'Problem', 'May only look.')]
    #[Answers(422, 'Problem', 'A move that cannot be, or nothing that can be supposed.')]
    public function store(TrialRequest $request): JsonResponse
    {
        $kept = $this->reader->read();
        $book = new PlanBook($kept);
        $base = self::changed($request);
        $rows = SupposedRules::read($kept, $request->supposed());
        $plan = $this->tried($request, $book, $base, Supposed::read($kept, $rows));
        $written = Written::query()->create([
            'aim' => $base->aim ?? Aim::FewestMoves, 'months' => $base->months ?? PlanBook::USUAL_MONTHS, 'may_build' => $base->may_build ?? true,
            'supposed' => $rows, 'is_by_hand' => true, 'state' => PlanState::Waiting, 'user_id' => $request->user()?->id,
        ]);
        PlanWriter::keep($written, $plan, 0.0);
        Written::clearOld();

        return response()->json(PlanRow::from($this->reader->read(), $written->refresh()), 201);
    }

    private static function changed(TrialRequest $request): ?Written
    {
        return $request->input('plan_id') === null ? Written::adopted() : Written::query()->findOrFail($request->integer('plan_id'));
    }

    /** @param  list<Supposition>  $supposed */
    private function tried(TrialRequest $request, PlanBook $book, ?Written $written, array $supposed): Plan
    {
        $decision = TriedMoves::in($book->seen($written), $request->fish(), $book->facility($supposed));

        return $book->describe($decision, $supposed);
    }
}
