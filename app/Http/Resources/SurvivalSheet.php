<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Losses\Survival;
use Biomegas\Losses\SurvivalStep;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What share of those that came is still alive after some time.')]
final readonly class SurvivalSheet
{
    /** @param  list<SurvivalRow>  $steps */
    public function __construct(
        #[OA\Property(description: 'Null: nobody came.')] public ?string $sentence,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/SurvivalRow'), description: 'A row for each day after arrival on which somebody died; none where they are too few to conclude from.')] public array $steps,
        #[OA\Property(description: 'As long as anybody was kept.')] public int $days,
    ) {
    }

    public static function from(Survival $survival, int $days, Messages $says): self
    {
        return new self($says->sayIf($survival->finding()), array_map(
            fn (SurvivalStep $step): SurvivalRow => new SurvivalRow($step->days, $step->atRisk, $step->deaths, round($step->share, 4), round($step->low, 4), round($step->high, 4)),
            $survival->isEnough() ? $survival->steps : [],
        ), $days);
    }
}
