<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Facility\Fish;
use Biomegas\Planning\Plan\PlanOpening;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A home that a plan opens.')]
final readonly class PlanOpeningRow
{
    /** @param  list<string>  $for */
    public function __construct(
        #[OA\Property(description: 'Key of the lane.')] public string $key,
        #[OA\Property] public string $name,
        #[OA\Property(format: 'date', description: 'The day on which the first fish comes.')] public string $by,
        #[OA\Property(format: 'date', description: 'The day on which to begin at the latest.')] public string $latest_start,
        #[OA\Property(description: 'In the facility\'s money.')] public float $price,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $for,
    ) {
    }

    public static function from(PlanOpening $opening): self
    {
        return new self(
            $opening->system->key, $opening->system->name, $opening->by->toIso(), $opening->latestStart->toIso(), round($opening->price, 2),
            array_map(fn (Fish $fish): string => $fish->name, $opening->for),
        );
    }
}
