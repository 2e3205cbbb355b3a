<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Calendar\LocalDate;
use Biomegas\Planning\Plan\Plan;
use Biomegas\Planning\Plan\PlanOpening;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What a plan comes to, to be held against others.')]
final readonly class PlanFigures
{
    /** @param  list<FishDays>  $days_by_fish */
    public function __construct(
        #[OA\Property] public int $moves,
        #[OA\Property(description: 'No plan that keeps as much does with fewer.')] public int $least_moves,
        #[OA\Property(description: 'Days out of rule of all fish together.')] public int $days_out_of_rule,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/FishDays'), description: 'The longest first.')] public array $days_by_fish,
        #[OA\Property(description: 'Homes that it opens.')] public int $openings,
        #[OA\Property(description: 'Of all that it opens, in the facility\'s money.')] public float $price,
        #[OA\Property(description: 'Of food, water and power a year, on the mean, in the facility\'s money.')] public float $per_year,
        #[OA\Property(format: 'date', nullable: true, description: 'The day on which to begin with the first of them at the latest.')] public ?string $latest_start,
        #[OA\Property(format: 'date', nullable: true, description: 'The day of the last move.')] public ?string $done_by,
    ) {
    }

    public static function of(Plan $plan): self
    {
        $starts = array_map(fn (PlanOpening $opening): LocalDate => $opening->latestStart, $plan->openings);
        usort($starts, fn (LocalDate $a, LocalDate $b): int => $b->daysUntil($a));

        return new self(
            count($plan->moves), min(count($plan->moves), $plan->decision->leastMoves), $plan->daysOutOfRule(), FishDays::of($plan), count($plan->openings),
            $plan->priceOfOpenings(),
            round($plan->runningPerYear(), 2),
            ($starts[0] ?? null)?->toIso(),
            $plan->moves === [] ? null : $plan->moves[count($plan->moves) - 1]->on->toIso(),
        );
    }
}
