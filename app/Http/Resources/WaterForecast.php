<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Biomegas\Water\Nitrification\LoadForecast;
use Biomegas\Water\Nitrification\Outcome;
use Biomegas\Water\Nitrification\Water;
use Biomegas\Water\Nitrogen;
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
        #[OA\Property(description: 'At the end of each day, today first.', type: 'array', items: new OA\Items(type: 'number'))] public array $ammonia,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))] public array $nitrite,
        #[OA\Property] public float $ammonia_peak,
        #[OA\Property] public float $nitrite_peak,
        #[OA\Property(description: 'The harmful part of ammonia at its peak, mg N/l.')] public float $free_ammonia_peak,
        #[OA\Property(description: 'Days until both are gone; null: not within the forecast.')] public ?int $clear_from,
    ) {
    }

    public static function from(LoadForecast $forecast): self
    {
        $ion = fn (Nitrogen $compound, float $nitrogen): float => round($compound->asIon($nitrogen), 3);

        return new self(
            $forecast->outcome(),
            array_map(fn (Water $day): float => $ion(Nitrogen::Ammonia, $day->ammonia), $forecast->course->days),
            array_map(fn (Water $day): float => $ion(Nitrogen::Nitrite, $day->nitrite), $forecast->course->days),
            round($forecast->ammoniaPeak()->height, 2),
            round($forecast->nitritePeak()->height, 2),
            round($forecast->freeAmmonia(), 4),
            $forecast->course->clearFrom(),
        );
    }
}
