<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Models\Species as Kept;
use App\Scenario\ScenarioMapper;
use App\Species\Outline;
use Biomegas\Facility\PlantManners;
use Biomegas\Facility\Salinity;
use Biomegas\Facility\WaterLayer;
use Biomegas\Growth\Fit\AdultSize;
use Biomegas\Planning\Search\Role;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A species in brief.')]
final readonly class SpeciesRow
{
    /**
     * @param  list<string>  $names
     * @param  list<Role>  $roles
     */
    public function __construct(
        #[OA\Property] public int $id,
        #[OA\Property] public string $key,
        #[OA\Property] public string $common_name,
        #[OA\Property(description: 'Other names under which it is known or sold; each finds it.', type: 'array', items: new OA\Items(type: 'string'))] public array $names,
        #[OA\Property] public string $scientific_name,
        #[OA\Property(description: 'Its outline in the drawing kit.', type: 'string', enum: Outline::class)] public string $form,
        #[OA\Property(description: 'Usual adult length, by all claims.')] public float $adult_mm,
        #[OA\Property(description: 'From 1, never bothers anyone, to 5, kills.')] public int $temperament,
        #[OA\Property] public bool $is_peaceful,
        #[OA\Property(type: 'string', enum: WaterLayer::class)] public WaterLayer $layer,
        #[OA\Property(type: 'string', enum: Salinity::class)] public Salinity $salinity,
        #[OA\Property(type: 'string', enum: PlantManners::class)] public PlantManners $plants,
        #[OA\Property] public ?string $region,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', enum: ['centrepiece', 'shoal', 'bottom', 'dither']))] public array $roles,
        #[OA\Property] public int $minimum_group,
        #[OA\Property(description: 'Usual length when sold.')] public ?float $sold_at_mm,
        #[OA\Property(description: 'How many fish and shoals of it live here.')] public int $here,
        #[OA\Property(description: 'The keeper added it or changed something about it.')] public bool $is_edited,
    ) {
    }

    public static function from(Kept $kept, int $here): self
    {
        $species = ScenarioMapper::species($kept->current());

        return new self(
            $kept->id, $kept->key, $species->commonName, array_values($kept->current()['names'] ?? []), $species->scientificName, $kept->form,
            round(AdultSize::of($species)->range()->typical, 1),
            $species->habits->temperament, $species->habits->isPeaceful(), $species->layer, $species->needs->salinity, $species->habits->plants, $species->habits->region,
            Role::of($species), $species->needs->minimumGroup,
            $kept->current()['sold_at_mm'] ?? null,
            $here, $kept->own !== [],
        );
    }
}
