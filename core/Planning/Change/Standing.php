<?php

declare(strict_types=1);

namespace Biomegas\Planning\Change;

use Biomegas\Facility\System;
use Biomegas\Facility\WaterLayer;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Floor\FloorUse;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\HousingRule;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Load\SystemLoad;
use Biomegas\Water\Load\TurnoverNeed;

/** How a system stands with those who live in it: one side of before and after. */
final readonly class Standing
{
    /** @param  list<Finding>  $objections  one for each that does not fit */
    private function __construct(
        public SystemLoad $load,
        /** Share of the floor needed in the fullest layer. */
        public float $floor,
        /** @var array{bottom: float, middle: float, top: float} the same by layer */
        public array $layers,
        /** Times an hour that all water passes the filter; null: not known. */
        public ?float $turnover,
        public TurnoverNeed $turnoverNeed,
        public array $objections,
    ) {
    }

    /**
     * @param  list<Occupant>  $occupants
     * @param  list<FedOccupant>  $fed
     */
    public static function of(System $system, array $occupants, array $fed, ?float $celsius, Rulebook $rulebook): self
    {
        $holding = $rulebook->holdingFor($system->key);
        $floor = FloorUse::of($holding, $system, $occupants);
        $objections = [];
        foreach ($occupants as $i => $occupant) {
            $others = array_values(array_filter($occupants, fn (int $j): bool => $j !== $i, ARRAY_FILTER_USE_KEY));
            $binding = Judgement::of(new HousingCase($occupant, $system, $others, $rulebook, livesThere: $occupant->fish !== null))->binding();
            if ($binding !== null) {
                // Whom it eats, and who eats it, is said by name already.
                $objections[] = $binding->rule === HousingRule::Swallowing ? $binding->finding : Finding::of('change.objection', fish: $occupant->name, says: $binding->finding);
            }
        }

        return new self(
            SystemLoad::of($system, $fed, $celsius, $holding),
            $floor->fullest(),
            ['bottom' => $floor->share(WaterLayer::Bottom), 'middle' => $floor->share(WaterLayer::Middle), 'top' => $floor->share(WaterLayer::Top)],
            $system->equipment->turnover === null ? null : $system->equipment->turnover / $system->waterLitres(),
            TurnoverNeed::of($system->kind),
            $objections,
        );
    }
}
