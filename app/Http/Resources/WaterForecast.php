<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Water\Nitrification\LoadForecast;
use Biomegas\Water\Nitrification\Outcome;
use Biomegas\Water\Nitrite;
use OpenApi\Attributes as OA;

#[OA\Schema(description: 'Ammonia and nitrite day by day, as test kits show them: mg/l of the ion.')]
final readonly class WaterForecast
{
    /**
     * @param  list<float>  $ammonia
     * @param  list<float>  $nitrite
     */
    public function __construct(
        #[OA\Property(type: 'string', enum: Outcome::class)] public Outcome $outcome,
        #[OA\Property(description: 'At the end of each day, the day on which it begins first.', type: 'array', items: new OA\Items(type: 'number'))] public array $ammonia,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $nitrite,
        #[OA\Property] public float $ammonia_peak,
        #[OA\Property] public float $nitrite_peak,
        #[OA\Property(description: 'From here on ammonia is an alarm in this water.')] public float $ammonia_alarm,
        #[OA\Property(description: 'From here on nitrite is an alarm.')] public float $nitrite_alarm,
        #[OA\Property(description: 'The harmful part of ammonia at its peak, mg N/l.')] public float $free_ammonia_peak,
        #[OA\Property(description: 'Days until both are gone; null: not within the forecast.')] public ?int $clear_from,
    ) {
    }

    public static function from(LoadForecast $forecast): self
    {
        return new self(
            $forecast->outcome(),
            array_map(fn (float $day): float => round($day, 3), $forecast->ammoniaDays()),
            array_map(fn (float $day): float => round($day, 3), $forecast->nitriteDays()),
            round($forecast->ammoniaPeak()->height, 2),
            round($forecast->nitritePeak()->height, 2),
            round($forecast->ammoniaAlarm(), 2),
            Nitrite::HARM,
            round($forecast->freeAmmonia(), 4),
            $forecast->course->clearFrom(),
        );
    }
}
