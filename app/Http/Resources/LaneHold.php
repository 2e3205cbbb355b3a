<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Facility\Fish;
use Biomegas\Planning\HomesAhead\PlannedMove;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A time for which a fish is where it is on purpose: in quarantine, or out of its home for a while.')]
final readonly class LaneHold
{
    public function __construct(
        #[OA\Property] public int $fish_id,
        #[OA\Property(description: 'Of the lane.')] public string $key,
        #[OA\Property(format: 'date')] public string $until,
        #[OA\Property(description: 'It is in quarantine; else it comes back.')] public bool $is_quarantine,
    ) {
    }

    /** @return list<self> */
    public static function all(FacilitySnapshot $kept): array
    {
        return array_merge([], ...array_values(array_map(fn (Fish $fish): array => self::of($kept, $fish), $kept->facility->fish)));
    }

    /** @return list<self> */
    private static function of(FacilitySnapshot $kept, Fish $fish): array
    {
        $free = $kept->mayMoveFrom($fish);
        $returns = array_values(array_filter($kept->settledSheets($fish), fn (PlannedMove $move): bool => $move->isReturn));

        return [
            ...($free === null ? [] : [new self(Keys::id($fish->key), $fish->currentSystem(), $free->toIso(), true)]),
            ...array_map(fn (PlannedMove $back): self => new self(Keys::id($fish->key), $back->from, $back->on->toIso(), false), $returns),
        ];
    }
}
