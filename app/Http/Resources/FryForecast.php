<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Planning\Mix\FryAhead;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What the young need of a home as they grow.')]
final readonly class FryForecast
{
    /** @param  list<FryMonth>  $months */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/FryMonth'))] public array $months,
    ) {
    }

    public static function from(FacilitySnapshot $kept, Fish $mother, int $count, System $home): self
    {
        return new self(array_map(fn (FryAhead $ahead): FryMonth => new FryMonth(
            $ahead->date->toIso(), round($ahead->length, 1), round($ahead->standing->floor, 3), round($ahead->standing->load->feed, 2),
            $ahead->standing->load->filterShare() === null ? null : round($ahead->standing->load->filterShare(), 3),
        ), FryAhead::of($kept->facility, $mother, $count, $home)));
    }
}
