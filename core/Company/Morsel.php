<?php

declare(strict_types=1);

namespace Biomegas\Company;

use Biomegas\Facility\Animal;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\PlantManners;
use Biomegas\Facility\Prey;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Verdict\Occupant;

/** What is eaten whatever its size: a shell is no guard, a shrimp is picked apart, and plants that one wants another grazes. Small fish are a matter of mouths. */
final readonly class Morsel
{
    public static function eaten(Occupant $eater, Occupant $other): ?Finding
    {
        $habits = $eater->species->habits;

        return match (true) {
            $eater->species->key === $other->species->key || $other->isFood => null,
            $other->species->habits->animal === Animal::Snail && in_array(Prey::Snails, $habits->eats, true) => Finding::of('housing.prey.snails', eater: $eater->name, prey: $other->name),
            $other->species->habits->animal === Animal::Shrimp && in_array(Prey::Shrimp, $habits->eats, true) => Finding::of('housing.prey.shrimp', eater: $eater->name, prey: $other->name),
            ($habits->plants === PlantManners::Eats || in_array(Prey::Plants, $habits->eats, true)) && in_array(Fitting::Plants, $other->species->needs->allFittings(), true) => Finding::of('housing.prey.plants', eater: $eater->name, other: $other->name),
            default => null,
        };
    }
}
