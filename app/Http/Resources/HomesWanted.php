<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Planning\HomesAhead\HomesAhead;
use Biomegas\Planning\HomesAhead\UpgradesAhead;

/** What Today tells of the homes of all fish together: kept as one, until any of them changes. */
final readonly class HomesWanted
{
    /**
     * @param  int  $soon  so many may have to leave their homes before long
     * @param  list<int>  $leaving  ids of fish, soonest first
     * @param  list<FallbackWanted>  $fallbacks
     * @param  list<BuildWanted>  $builds
     */
    private function __construct(
        public int $soon,
        public array $leaving,
        public array $fallbacks,
        public array $builds,
    ) {
    }

    public static function of(FacilitySnapshot $kept): self
    {
        return $kept->ofAllFish('homes wanted', [], function () use ($kept): self {
            $chains = array_map($kept->homesAhead(...), $kept->facility->fish);

            return new self(
                count(array_filter($chains, fn (HomesAhead $chain): bool => UpgradesAhead::isSoon($chain, $kept->facility->date))),
                array_map(Keys::id(...), UpgradesAhead::among($chains)),
                FallbackWanted::all($kept),
                BuildWanted::all($kept),
            );
        });
    }
}
