<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\Keys;
use Biomegas\Planning\Plan\Plan;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Days out of rule of one fish.')]
final readonly class FishDays
{
    public function __construct(
        #[OA\Property] public int $fish_id,
        #[OA\Property] public string $name,
        #[OA\Property] public int $days,
    ) {
    }

    /** @return list<self> the longest first */
    public static function of(Plan $plan): array
    {
        return array_map(fn (array $one): self => new self(Keys::id($one[0]->key), $one[0]->name, $one[1]), $plan->daysByFish());
    }
}
