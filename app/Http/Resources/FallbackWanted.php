<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use Biomegas\Planning\HomesAhead\FallbackMissing;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A fish for which nobody has said where it goes if it cannot stay.')]
final readonly class FallbackWanted
{
    public function __construct(
        #[OA\Property] public int $fish_id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $reason,
    ) {
    }

    /** @return list<self> */
    public static function all(FacilitySnapshot $kept): array
    {
        $wanted = [];
        foreach ($kept->facility->fish as $fish) {
            $reason = FallbackMissing::reason($fish, $kept->homesAhead($fish));
            if ($reason !== null) {
                $wanted[] = new self($kept->kept($fish)->id, $fish->name, $kept->says()->phrase($reason));
            }
        }

        return $wanted;
    }
}
