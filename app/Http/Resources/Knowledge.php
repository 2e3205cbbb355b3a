<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\GrowthPerformance;
use Biomegas\Growth\Shoal;
use Biomegas\Growth\Sources;
use Biomegas\Growth\Stall;
use Biomegas\Planning\FishOutlook;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'What the growth of a fish rests on, and what stands out in it.')]
final readonly class Knowledge
{
    /** @param  list<SpeciesShare>  $candidates */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/SpeciesShare'))] public array $candidates,
        #[OA\Property(description: 'Share from its own lengths.')] public float $from_own,
        #[OA\Property(description: 'Share from its kin here.')] public float $from_kin,
        #[OA\Property(description: 'Share from its species.')] public float $from_species,
        #[OA\Property(description: 'How many kin here were measured more than once.')] public int $kin,
        #[OA\Property(type: 'string', enum: Stall::class)] public Stall $stall,
        #[OA\Property(description: 'It stalled near the limit of its home: this is not its adult size.')] public bool $is_cramped,
        #[OA\Property(description: 'Of one fish today, grams; null when the species has no length to weight relation.')] public ?float $mass_g,
        #[OA\Property(description: 'Growth performance index of Pauly and Munro, of the fish.')] public float $performance,
        #[OA\Property(description: 'The same, typical of its species.')] public float $species_performance,
        #[OA\Property(description: 'Largest of a shoal today, millimetres.')] public float $largest_mm,
        #[OA\Property(description: 'Smallest of a shoal today, millimetres.')] public float $smallest_mm,
    ) {
    }

    public static function from(FacilityGrowth $study, FishOutlook $outlook): self
    {
        $fish = $outlook->fish;
        $leading = $outlook->growth->leading();
        $sources = Sources::of($leading, $study->priorWithoutKin($fish, $leading->species));
        $shoal = Shoal::of($fish);
        $now = $outlook->growth->lengthOn($study->facility->date)->likely;
        $mean = $leading->draws->moments()[0];

        return new self(
            SpeciesShare::all($outlook->growth),
            round($sources->ownLengths, 3),
            round($sources->kin, 3),
            round($sources->species, 3),
            count($study->kinOf($fish, $leading->species)),
            $outlook->stall(),
            $outlook->isCramped(),
            $leading->species->lengthWeight === null ? null : round($leading->species->lengthWeight->grams($now), 1),
            round(GrowthPerformance::index(exp($mean[1]), exp($mean[0])), 2),
            round(GrowthPerformance::index($leading->species->growthCoefficient->typical, $leading->species->adultLength->typical), 2),
            round($now * $shoal->largestAt($now), 1),
            round($now * $shoal->smallestAt($now), 1),
        );
    }
}
