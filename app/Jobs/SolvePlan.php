<?php

declare(strict_types=1);

namespace App\Jobs;

use App\Facility\FacilityReader;
use App\Facility\PlanBook;
use App\Facility\PlanWriter;
use App\Models\Plan;
use App\Models\PlanState;
use Biomegas\Finding\Refusal;
use Biomegas\Placement\Budget;
use Biomegas\Planning\Plan\PlannedStay;
use Closure;
use Illuminate\Contracts\Queue\ShouldQueue;
use Illuminate\Foundation\Queue\Queueable;
use Illuminate\Support\Facades\DB;
use Throwable;

/** Works a plan out, tells how far it is, and ends when it is asked to: with the best plan so far. */
final class SolvePlan implements ShouldQueue
{
    use Queueable;

    public int $tries = 3;

    /** Between two looks whether it was asked to stop. */
    private const LOOK_SECONDS = 0.5;

    public function __construct(private readonly int $plan, private readonly float $seconds)
    {
        $this->afterCommit();
    }

    public function handle(FacilityReader $reader): void
    {
        $plan = Plan::query()->find($this->plan);
        if ($plan === null || ! $plan->state->isUnderWay()) {
            return;
        }
        $plan->update(['state' => PlanState::Solving]);
        $kept = $reader->read();
        $book = new PlanBook($kept);
        $from = hrtime(true);
        $elapsed = fn (): float => (hrtime(true) - $from) / 1e9;
        try {
            $supposed = $book->supposed($plan);
            $decision = $book->planner($supposed)->decide($book->question($plan), new Budget($this->seconds, $this->untilStopped($plan, $elapsed), $this->tell($plan, $elapsed)), 1, $this->followed($book));
            PlanWriter::keep($plan, $book->describe($decision, $supposed), $elapsed());
        } catch (Refusal $refusal) {
            $plan->update(['state' => PlanState::Failed, 'problem' => $kept->saysInFull()->say($refusal->finding())]);
        }
    }

    /** @return list<PlannedStay> of the plan that is followed, to begin with */
    private function followed(PlanBook $book): array
    {
        $adopted = Plan::adopted();

        return $adopted === null ? [] : $book->decision($adopted)->stays();
    }

    /** It could not be read, or the machine gave up. */
    public function failed(?Throwable $because): void
    {
        Plan::query()->whereKey($this->plan)->update(['state' => PlanState::Failed]);
    }

    /**
     * @param  Closure(): float  $elapsed
     * @return Closure(): float without end once it is asked to stop
     */
    private function untilStopped(Plan $plan, Closure $elapsed): Closure
    {
        $looked = 0.0;
        $isStopped = false;

        return function () use ($plan, $elapsed, &$looked, &$isStopped): float {
            $now = $elapsed();
            if ($now - $looked >= self::LOOK_SECONDS) {
                $looked = $now;
                $isStopped = $isStopped || DB::table('plans')->where('id', $plan->id)->whereNull('deleted_at')->value('is_stop_asked') !== 0;
            }

            return $isStopped ? INF : $now;
        };
    }

    /**
     * @param  Closure(): float  $elapsed
     * @return Closure(string, float, float): void
     */
    private function tell(Plan $plan, Closure $elapsed): Closure
    {
        $told = 0.0;

        return function (string $what, float $cost, float $bound) use ($plan, $elapsed, &$told): void {
            if (is_finite($cost) && $elapsed() - $told >= self::LOOK_SECONDS) {
                $told = $elapsed();
                DB::table('plans')->where('id', $plan->id)->update(['objective' => $cost, 'bound' => $bound, 'seconds' => $told]);
            }
        };
    }
}
