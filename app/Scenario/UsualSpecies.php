<?php

declare(strict_types=1);

namespace App\Scenario;

use Biomegas\Facility\CurveName;
use Biomegas\Facility\Diet;
use Biomegas\Facility\Habits;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\PlantManners;
use Biomegas\Facility\Salinity;
use Biomegas\Facility\WaterLayer;

/** What holds of a species where its description does not say, in the words of the scenario format. */
final readonly class UsualSpecies
{
    /** @return array<string, string|int|float|bool> by field */
    public static function values(): array
    {
        [$habits, $needs] = [new Habits, new HousingNeeds];

        return [
            'curve' => CurveName::VonBertalanffy->value,
            'length_kind' => LengthKind::Total->value,
            'layer' => WaterLayer::All->value,
            'salinity' => Salinity::Fresh->value,
            'minimum_group' => $needs->minimumGroup,
            'species_only' => $needs->isSpeciesOnly,
            'may_live_alone' => $needs->mayLiveAlone,
            'animal' => $habits->animal->value,
            'temperament' => $habits->temperament,
            'mouth_ratio' => $habits->mouthRatio,
            'bites_pieces' => $habits->bitesPieces,
            'diet' => Diet::Omnivore->value,
            'plants' => PlantManners::Safe->value,
            'nips_fins' => false,
            'long_fins' => false,
            'pace' => 'normal',
            'disease_prone' => false,
        ];
    }
}
