<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use App\Species\Outline;
use Biomegas\Facility\Range;
use Biomegas\Planning\Describing\WorkedOut;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What would follow from what a keeper knows of a species. Nothing is saved.')]
final readonly class SpeciesOutline
{
    public function __construct(
        #[OA\Property(description: 'How long it is after a year.')] public string $sentence,
        #[OA\Property] public float $brought_home_at_mm,
        #[OA\Property] public float $after_a_year_mm,
        #[OA\Property(ref: '#/components/schemas/Band')] public Band $adult_mm,
        #[OA\Property(description: 'Litres for the least group, by the usual school.')] public float $litres,
        #[OA\Property(description: 'Its outline in the drawing kit.', type: 'string', enum: Outline::class)] public string $form,
    ) {
    }

    public static function from(WorkedOut $outline, Range $adult, string $form, Messages $says): self
    {
        return new self(
            $says->say($outline->finding()),
            round($outline->broughtHomeAtMm, 1),
            round($outline->afterAYearMm, 1),
            new Band(round($adult->low, 1), round($adult->typical, 1), round($adult->high, 1)),
            $outline->litres->usual,
            $form,
        );
    }
}
