<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\PlanBook;
use App\Models\Plan as Written;
use App\Models\PlanState;
use Biomegas\Facility\System;
use Biomegas\Planning\Plan\Breach;
use Biomegas\Planning\Plan\Concern;
use Biomegas\Planning\Plan\LaneStay;
use Biomegas\Planning\Plan\Plan;
use Biomegas\Planning\Plan\PlanMove;
use Biomegas\Planning\Plan\PlanVerdict;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Who goes where and when, along time.')]
final readonly class PlanPage
{
    /**
     * @param  list<string>  $sentences
     * @param  list<string>  $concerns
     * @param  list<PlanMoveRow>  $moves
     * @param  list<PlanOpeningRow>  $openings
     * @param  list<BreachRow>  $breaches
     * @param  list<LaneRow>  $lanes
     * @param  list<LaneBand>  $bands
     * @param  list<LaneHold>  $holds
     * @param  list<CostMonthRow>  $costs
     * @param  list<CostYearRow>  $cost_years
     */
    public function __construct(
        #[OA\Property(ref: '#/components/schemas/PlanRow', nullable: true, description: 'Null: as things are, with the moves that are written down.')] public ?PlanRow $plan,
        #[OA\Property(format: 'date')] public string $date,
        #[OA\Property(format: 'date', description: 'The day after the last that is looked at.')] public string $horizon,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What comes first, and how good it is.')] public array $sentences,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'Of the plan that is followed: what speaks against it now and did not when it was adopted.')] public array $concerns,
        #[OA\Property(description: 'Days out of rule of all fish together.')] public int $days_out_of_rule,
        #[OA\Property(description: 'The same if nothing but what is written down is done.')] public int $days_without,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/PlanMoveRow'), description: 'By day.')] public array $moves,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/PlanOpeningRow'))] public array $openings,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/BreachRow'), description: 'By day.')] public array $breaches,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/LaneRow'), description: 'In walking order, homes to build at the end.')] public array $lanes,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/LaneBand'), description: 'By fish and day.')] public array $bands,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/LaneHold'))] public array $holds,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/CostMonthRow'), description: 'By month.')] public array $costs,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/CostYearRow'), description: 'By year.')] public array $cost_years,
        #[OA\Property(description: 'Food, water and power a year, on the mean, in the facility\'s money.')] public float $per_year,
        #[OA\Property(description: 'Of all that is opened.')] public float $openings_price,
    ) {
    }

    public static function from(FacilitySnapshot $kept, ?Written $written): self
    {
        $book = new PlanBook($kept);
        $asItIs = $book->asItIs($written->months ?? PlanBook::USUAL_MONTHS);
        $plan = $written?->state === PlanState::Ready ? $book->read($written) : $asItIs;

        return self::of($kept, $written, $plan, $asItIs->daysOutOfRule(), $written?->state === PlanState::Ready, $written === null ? [] : $book->newConcerns($written));
    }

    /** @param  int  $without  days out of rule as things are */
    public static function ofTrial(FacilitySnapshot $kept, Plan $plan, int $without): self
    {
        return self::of($kept, null, $plan, $without, true, []);
    }

    /** @param  list<Concern>  $concerns */
    private static function of(FacilitySnapshot $kept, ?Written $written, Plan $plan, int $without, bool $isPlan, array $concerns): self
    {
        $today = $kept->facility->date;

        return new self(
            $written === null ? null : PlanRow::from($kept, $written),
            $today->toIso(), $plan->decision->horizon->toIso(),
            $kept->says()->sayEach((new PlanVerdict($plan, $without, $isPlan))->findings()),
            array_map(fn (Concern $concern): string => $kept->says()->say($concern->finding), $concerns),
            $plan->daysOutOfRule(), $without,
            array_map(fn (PlanMove $move): PlanMoveRow => PlanMoveRow::from($kept, $move), $plan->moves),
            array_map(PlanOpeningRow::from(...), $plan->openings),
            array_map(fn (Breach $breach): BreachRow => BreachRow::from($kept, $breach), $plan->breaches),
            array_map(fn (System $system): LaneRow => LaneRow::from($system, $plan->lanes->fills[$system->key], $plan->lanes->cold[$system->key], $today), array_values($plan->lanes->systems)),
            array_map(fn (LaneStay $stay): LaneBand => LaneBand::from($kept, $stay, $today), $plan->lanes->stays),
            LaneHold::all($kept),
            array_map(CostMonthRow::from(...), $plan->costs),
            array_map(CostYearRow::from(...), $plan->costsByYear()),
            round($plan->runningPerYear(), 2), round($plan->priceOfOpenings(), 2),
        );
    }
}
