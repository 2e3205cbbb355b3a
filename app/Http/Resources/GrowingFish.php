<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Planning\Floor\GrowingOccupant;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A fish on the floor plan; lists run along its dates.')]
final readonly class GrowingFish
{
    /**
     * @param  list<float>  $likely_mm
     * @param  list<float>  $low_mm
     * @param  list<float>  $high_mm
     * @param  list<float>  $largest_mm
     * @param  list<float>  $smallest_mm
     * @param  list<float>  $run_mm
     * @param  list<float>  $turning_mm
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $likely_mm,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $low_mm,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $high_mm,
        #[OA\Property(description: 'The largest of a shoal, likely.', type: 'array', items: new OA\Items(type: 'number'))] public array $largest_mm,
        #[OA\Property(description: 'The smallest of a shoal, likely.', type: 'array', items: new OA\Items(type: 'number'))] public array $smallest_mm,
        #[OA\Property(description: 'Swimming room that the largest needs.', type: 'array', items: new OA\Items(type: 'number'))] public array $run_mm,
        #[OA\Property(description: 'Room that the largest needs to turn.', type: 'array', items: new OA\Items(type: 'number'))] public array $turning_mm,
        #[OA\Property(description: 'Greatest length that fits here.')] public float $limit_mm,
        #[OA\Property(description: 'Why a longer one does not.')] public string $reason,
        #[OA\Property(format: 'date', description: 'From when it likely no longer fits; null: it does throughout.')] public ?string $outgrown_on,
    ) {
    }

    public static function from(FacilitySnapshot $kept, GrowingOccupant $occupant): self
    {
        $round = fn (float $millimetres): float => round($millimetres, 1);

        return new self(
            $kept->kept($occupant->fish)->id,
            array_map(fn (LengthBand $band): float => $round($band->likely), $occupant->lengths),
            array_map(fn (LengthBand $band): float => $round($band->low), $occupant->lengths),
            array_map(fn (LengthBand $band): float => $round($band->high), $occupant->lengths),
            array_map($round, $occupant->largest),
            array_map($round, $occupant->smallest),
            array_map($round, $occupant->runNeeded()),
            array_map($round, $occupant->turningNeeded()),
            $round($occupant->limit->millimetres),
            $kept->says()->label($occupant->limit->binding),
            $kept->brief($occupant->fish)->home->outgrows->likely?->toIso(),
        );
    }
}
