<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use Biomegas\Facility\System;
use Biomegas\Planning\Mix\Introduction;
use Biomegas\Planning\Mix\Mix;
use Biomegas\Water\Nitrate\NitrateYield;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Some fish that are thought of together: until when it works, who comes in when, and whether a home holds them.')]
final readonly class MixSheet
{
    /**
     * @param  list<string>  $advice
     * @param  list<MixStep>  $steps
     */
    public function __construct(
        #[OA\Property] public string $sentence,
        #[OA\Property(format: 'date', nullable: true, description: 'The first day on which two should be apart; null: not within what is looked at.')] public ?string $until,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'))] public array $advice,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/MixStep'), description: 'The first first; those that never come last.')] public array $steps,
        #[OA\Property(ref: '#/components/schemas/StandingSide', nullable: true, description: 'The home with all of them today; null: no home is asked about.')] public ?StandingSide $now,
        #[OA\Property(ref: '#/components/schemas/StandingSide', nullable: true, description: 'At the end of what is looked at.')] public ?StandingSide $later,
        #[OA\Property(ref: '#/components/schemas/CompanySheet')] public CompanySheet $company,
    ) {
    }

    /** @param  list<CompanyFish>  $rows */
    public static function from(FacilitySnapshot $kept, Mix $mix, array $rows, ?System $home): self
    {
        $says = $kept->says();
        $yield = $home === null ? NitrateYield::byExperience($kept->facility->rulebook)->factor : $kept->nitrateYield($home)->factor;

        return new self(
            $says->say($mix->finding),
            $mix->until?->toIso(),
            $says->sayEach($mix->advice),
            array_map(fn (Introduction $step): MixStep => new MixStep(CompanyFish::idOf($step->fish), $step->fish->name, $step->fish->count, $step->from?->toIso(), round($step->length, 1), $says->phrase($step->why)), $mix->steps),
            $mix->now === null ? null : StandingSide::from($mix->now, $yield, $says),
            $mix->later === null ? null : StandingSide::from($mix->later, $yield, $says),
            CompanySheet::of($kept, $mix->grid, $rows),
        );
    }
}
