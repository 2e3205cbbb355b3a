<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Planning\Rescue\RescuePlace;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Where a fish goes that must come out of its home now.')]
final readonly class RescueRow
{
    public function __construct(
        #[OA\Property] public int $fish_id,
        #[OA\Property] public string $name,
        #[OA\Property] public int $count,
        #[OA\Property] public int $band,
        #[OA\Property(description: 'Null: none here takes it; a tub with air.')] public ?int $system_id,
        #[OA\Property] public ?string $home,
        #[OA\Property(format: 'date', nullable: true, description: 'The first day on which it may have to leave again; null: as long as is looked.')] public ?string $until,
        #[OA\Property(description: 'It will do for some days only.')] public bool $is_stopgap,
        #[OA\Property(description: 'What speaks against it there, or ends it.')] public ?string $because,
    ) {
    }

    public static function from(FacilitySnapshot $kept, RescuePlace $place): self
    {
        return new self(
            Keys::id($place->fish->key), $place->fish->name, $place->fish->count, $kept->bandOf($place->fish->key),
            $place->home === null ? null : Keys::id($place->home->key), $place->home?->name, $place->until?->toIso(), $place->isStopgap,
            $kept->says()->sayIf($place->because?->finding),
        );
    }
}
