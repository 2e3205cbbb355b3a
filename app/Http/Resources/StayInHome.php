<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\Keys;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Stay;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A fish in a home from one day until another.')]
final readonly class StayInHome
{
    public function __construct(
        #[OA\Property] public int $system_id,
        #[OA\Property] public string $name,
        #[OA\Property(format: 'date')] public string $from,
        #[OA\Property(format: 'date')] public ?string $until,
    ) {
    }

    /** @return list<self> oldest first */
    public static function of(Facility $facility, Fish $fish): array
    {
        return array_map(fn (Stay $stay): self => new self(
            Keys::id($stay->system),
            $facility->system($stay->system)->name,
            $stay->from->toIso(),
            $stay->until?->toIso(),
        ), $fish->stays);
    }
}
