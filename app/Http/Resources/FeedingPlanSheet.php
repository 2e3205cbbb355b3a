<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Feeding\FoodStore;
use Biomegas\Food\FeedingPlan;
use Biomegas\Food\PlanPart;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What is to be fed, as it was typed.')]
final readonly class FeedingPlanSheet
{
    /**
     * @param  list<array{food_id: int, percent: float}>  $parts
     * @param  list<int>  $fasting
     */
    private function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(required: ['food_id', 'percent'], properties: [new OA\Property(property: 'food_id', type: 'integer'), new OA\Property(property: 'percent', type: 'number')], type: 'object'))] public array $parts,
        #[OA\Property] public float $of_ration_percent,
        #[OA\Property] public int $times,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'integer'))] public array $fasting,
        #[OA\Property] public ?string $medicine,
        #[OA\Property(format: 'date')] public ?string $medicine_until,
    ) {
    }

    public static function from(FeedingPlan $plan): self
    {
        return new self(
            array_map(fn (PlanPart $part): array => ['food_id' => FoodStore::id($part->food), 'percent' => round(100 * $part->share, 1)], $plan->parts),
            round(100 * $plan->ofRation, 1), $plan->times, $plan->fasting, $plan->medicine, $plan->medicineUntil?->toIso(),
        );
    }
}
