<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\Keys;
use Biomegas\Planning\Mending\Unsolved;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A fish for which neither the plan nor a mend keeps all rules, and the cheapest home that would.')]
final readonly class UnsolvedRow
{
    public function __construct(
        #[OA\Property] public int $fish_id,
        #[OA\Property] public string $name,
        #[OA\Property] public string $system,
        #[OA\Property(format: 'date')] public string $from,
        #[OA\Property] public int $days,
        #[OA\Property(description: 'What would have to be built.')] public string $home,
        #[OA\Property(description: 'In the facility\'s money.')] public float $price,
        #[OA\Property(format: 'date', description: 'The day on which to begin.')] public string $begin,
    ) {
    }

    public static function from(Unsolved $unsolved): self
    {
        return new self(
            Keys::id($unsolved->fish->key), $unsolved->fish->name, $unsolved->system->name, $unsolved->from->toIso(), $unsolved->days,
            $unsolved->home->name, round($unsolved->home->opening->price ?? 0.0, 2), $unsolved->begin->toIso(),
        );
    }
}
