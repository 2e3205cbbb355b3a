<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Language\Messages;
use Biomegas\Facility\Facility;
use Biomegas\Planning\WhatIf;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'The same fish with something changed from today on. Nothing is saved.')]
final readonly class OtherFuture
{
    /** @param  list<AheadLength>  $ahead */
    public function __construct(
        #[OA\Property(description: 'The home in which it was looked at.')] public string $home,
        #[OA\Property] public float $limit_mm,
        #[OA\Property] public string $reason,
        #[OA\Property(ref: '#/components/schemas/Window')] public Window $outgrows,
        #[OA\Property(ref: '#/components/schemas/Band')] public Band $adult_mm,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/AheadLength'))] public array $ahead,
        #[OA\Property(description: 'Grams of dry food a day for all of them.')] public float $feed_g,
        #[OA\Property(description: 'Share of the water of that home to change each week for it alone, by experience of other tanks.')] public float $weekly_change,
    ) {
    }

    public static function from(Facility $facility, WhatIf $whatIf, Messages $says): self
    {
        return new self(
            $whatIf->home->name,
            round($whatIf->limit->millimetres, 1),
            $says->label($whatIf->limit->binding),
            Window::from($whatIf->outgrows),
            Band::from($whatIf->adultLength()),
            AheadLength::series($facility, $whatIf->quantilesOn(...)),
            round($whatIf->feedPerDay, 2),
            round($whatIf->weeklyChange, 3),
        );
    }
}
