<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Planning\Plan\Breach;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A time for which a rule is broken.')]
final readonly class BreachRow
{
    public function __construct(
        #[OA\Property] public int $fish_id,
        #[OA\Property] public string $name,
        #[OA\Property(description: 'Key of the lane.')] public string $system_key,
        #[OA\Property] public string $system,
        #[OA\Property(format: 'date')] public string $from,
        #[OA\Property(format: 'date', description: 'The first day on which it is not broken any more.')] public string $until,
        #[OA\Property] public int $days,
        #[OA\Property] public string $says,
    ) {
    }

    public static function from(FacilitySnapshot $kept, Breach $breach): self
    {
        return new self(
            Keys::id($breach->fish->key), $breach->fish->name, $breach->system->key, $breach->system->name,
            $breach->from->toIso(), $breach->until->toIso(), $breach->days(), $kept->says()->say($breach->verdict->finding),
        );
    }
}
