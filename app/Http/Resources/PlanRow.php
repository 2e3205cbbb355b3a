<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\PlanBook;
use App\Models\Plan;
use App\Models\PlanState;
use Biomegas\Planning\Plan\Aim;
use Biomegas\Planning\Supposing\Supposition;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A plan among others.')]
final readonly class PlanRow
{
    /** @param  list<string>  $supposed */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(type: 'string', enum: Aim::class)] public Aim $aim,
        #[OA\Property] public int $months,
        #[OA\Property] public bool $may_build,
        #[OA\Property(type: 'string', enum: PlanState::class)] public PlanState $state,
        #[OA\Property(description: 'It is to stop with the best found so far.')] public bool $is_stop_asked,
        #[OA\Property(description: 'It is followed.')] public bool $is_adopted,
        #[OA\Property(description: 'That it took, or has taken so far.')] public ?float $seconds,
        #[OA\Property(description: 'While it is worked out: how near the best plan so far is to the proven bound, 0 to 1.')] public ?float $proven,
        #[OA\Property(description: 'Why there is none.')] public ?string $problem,
        #[OA\Property(description: 'The keeper drew it.')] public bool $is_by_hand,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What it takes to be otherwise than it is.')] public array $supposed,
        #[OA\Property(description: 'All that it supposes can be brought about.')] public bool $can_be_followed,
        #[OA\Property(ref: '#/components/schemas/PlanFigures', nullable: true, description: 'Of a plan that is ready.')] public ?PlanFigures $figures,
    ) {
    }

    public static function from(FacilitySnapshot $kept, Plan $plan): self
    {
        $book = new PlanBook($kept);
        $supposed = $book->supposed($plan);

        return new self(
            $plan->id, $plan->aim, $plan->months, $plan->may_build, $plan->state, $plan->is_stop_asked, $plan->adopted_at !== null,
            $plan->seconds === null ? null : round($plan->seconds, 1),
            $plan->bound === null || $plan->objective === null ? null : round($plan->objective > 0.0 ? min(1.0, $plan->bound / $plan->objective) : 1.0, 3),
            $plan->problem,
            $plan->is_by_hand,
            array_map(fn (Supposition $one): string => $kept->says()->say($one->finding($kept->facility)), $supposed),
            array_filter($supposed, fn (Supposition $one): bool => ! $one->isInHand()) === [],
            $plan->state === PlanState::Ready ? PlanFigures::of($book->read($plan)) : null,
        );
    }
}
