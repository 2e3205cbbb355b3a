<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Calendar\LocalDate;
use Biomegas\Planning\Plan\LaneStay;
use Biomegas\Planning\Supposing\Parted;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'One fish in one lane.')]
final readonly class LaneBand
{
    /** @param  list<array{int, float, float, float, float}>  $points */
    public function __construct(
        #[OA\Property] public int $fish_id,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'Those of a shoal that go their own way.')] public bool $is_part,
        #[OA\Property] public int $count,
        #[OA\Property(description: 'Its colour and mark.')] public int $band,
        #[OA\Property(description: 'Of the lane.')] public string $key,
        #[OA\Property(format: 'date')] public string $from,
        #[OA\Property(format: 'date', nullable: true, description: 'Null: as far as is looked.')] public ?string $until,
        #[OA\Property(description: 'Days from today; the low, likely and high share of the length up to which the home holds it; the likely length in millimetres.', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')))] public array $points,
    ) {
    }

    public static function from(FacilitySnapshot $kept, LaneStay $stay, LocalDate $today): self
    {
        return new self(
            Keys::id($stay->fish), $stay->name, Parted::isPart($stay->fish), $stay->count, $kept->bandOf($stay->fish), $stay->system, $stay->from->toIso(), $stay->until?->toIso(),
            array_map(fn (array $point): array => [$point[0], round($point[1], 3), round($point[2], 3), round($point[3], 3), round($point[4])], $stay->pointsSince($today)),
        );
    }
}
