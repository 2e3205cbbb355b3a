<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Facility\FacilitySnapshot;
use App\Facility\Preparations;
use App\Models\Preparation;
use Biomegas\Facility\System;
use Biomegas\Water\Nitrification\Outcome;
use Biomegas\Water\Readiness\CycleState;
use Biomegas\Water\Readiness\ScheduledStep;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'A system on its way to be ready.')]
final readonly class PreparationSheet
{
    /**
     * @param  list<PreparationStep>  $steps
     * @param  list<string>  $findings
     */
    public function __construct(
        #[OA\Property(description: 'When it can be ready, and why not sooner.')] public string $sentence,
        #[OA\Property(format: 'date')] public string $wanted_on,
        #[OA\Property(format: 'date')] public string $not_before,
        #[OA\Property] public bool $is_late,
        #[OA\Property] public bool $is_ready,
        #[OA\Property(type: 'array', items: new OA\Items(ref: '#/components/schemas/PreparationStep'))] public array $steps,
        #[OA\Property(description: 'The steps are not as usual.')] public bool $is_arranged,
        #[OA\Property(type: 'string', enum: CycleState::class)] public CycleState $cycle,
        #[OA\Property(description: 'How far the filter is, by its tests.')] public string $cycle_sentence,
        #[OA\Property(description: 'What its tests do not show yet as it should be before release.', type: 'array', items: new OA\Items(type: 'string'))] public array $findings,
        #[OA\Property(ref: '#/components/schemas/WaterForecast')] public WaterForecast $forecast,
        #[OA\Property] public bool $is_built,
        #[OA\Property] public bool $uses_tap_water,
        #[OA\Property] public bool $has_starter_fish,
        #[OA\Property] public ?int $donor_system_id,
        #[OA\Property] public float $donor_share,
        #[OA\Property] public ?int $species_id,
        #[OA\Property] public ?int $count,
        #[OA\Property] public ?float $length_mm,
    ) {
    }

    public static function from(FacilitySnapshot $kept, System $system, Preparation $written): self
    {
        $readying = Preparations::of($kept, $system, $written);
        $today = $kept->facility->date;
        $says = $kept->says();

        return new self(
            $says->sayAll($readying->advice($today)),
            $readying->preparation->wanted->toIso(),
            $readying->preparation->notBefore->toIso(),
            $readying->preparation->isLate(),
            $readying->preparation->isReady() && $readying->forecast->outcome() !== Outcome::FilterTooSmall,
            array_map(fn (ScheduledStep $step): PreparationStep => PreparationStep::from($step, $says, $today), $readying->preparation->steps),
            $written->arrangement !== null,
            $readying->cycle,
            $says->label($readying->cycle),
            $says->sayEach($readying->findings),
            WaterForecast::from($readying->forecast),
            $written->is_built, $written->uses_tap_water, $written->has_starter_fish, $written->donor_system_id, $written->donor_share,
            $written->species_id, $written->count, $written->length_tenth_mm === null ? null : $written->length_tenth_mm / 10,
        );
    }
}
