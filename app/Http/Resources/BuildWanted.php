<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A home that must be built for a fish, by when.')]
final readonly class BuildWanted
{
    public function __construct(
        #[OA\Property] public int $fish_id,
        #[OA\Property] public string $name,
        #[OA\Property] public int $count,
        #[OA\Property(ref: '#/components/schemas/Build')] public Build $build,
    ) {
    }

    /** @return list<self> for all fish together, soonest to begin first */
    public static function all(FacilitySnapshot $kept): array
    {
        $wanted = [];
        foreach ($kept->facility->fish as $fish) {
            $build = $kept->homesAhead($fish)->toBuild;
            if ($build !== null) {
                $wanted[] = new self(Keys::id($fish->key), $fish->name, $fish->count, Build::from($build, $kept->says()));
            }
        }
        usort($wanted, fn (self $a, self $b): int => $a->build->begin <=> $b->build->begin);

        return $wanted;
    }
}
