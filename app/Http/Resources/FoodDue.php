<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Feeding\FoodDues;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Something to buy, to count, to throw away or to begin.')]
final readonly class FoodDue
{
    private function __construct(
        #[OA\Property] public string $says,
        #[OA\Property(description: 'It should be there by now.')] public bool $is_late,
    ) {
    }

    /** @return list<self> what is late first */
    public static function all(FacilitySnapshot $kept): array
    {
        return array_map(fn (array $due): self => new self($kept->says()->say($due[0]), $due[1]), FoodDues::of($kept));
    }
}
