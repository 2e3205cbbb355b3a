<?php

declare(strict_types=1);

namespace Biomegas\Water;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** What a water change takes: litres hot and cold for a temperature, and how far the system cools. */
final readonly class Refill
{
    private function __construct(
        public float $litres,
        public float $hotLitres,
        public float $coldLitres,
        /** What the refilled system then has, °C. */
        public float $mixed,
        /** How far the system cools if it were filled with cold water alone, °C; below zero: warms. */
        public float $dropIfCold,
    ) {
    }

    /**
     * @param  float  $share  of the system's water, 0 to 1
     * @param  float  $fill  wanted temperature of the water that goes in, °C
     *
     * @throws InvalidEntry when a share or a temperature cannot be
     */
    public static function of(float $systemLitres, float $share, float $systemCelsius, float $cold, float $hot, float $fill): self
    {
        if ($share <= 0.0 || $share > 1.0) {
            throw InvalidEntry::because('share', Finding::of('water.refill_share'));
        }
        if ($hot <= $cold) {
            throw InvalidEntry::because('hot_c', Finding::of('water.hot_below_cold'));
        }
        if ($fill < $cold || $fill > $hot) {
            throw InvalidEntry::because('fill_c', Finding::of('water.no_such_mixture'));
        }
        $litres = $systemLitres * $share;
        $hotShare = ($fill - $cold) / ($hot - $cold);

        return new self(
            $litres,
            $litres * $hotShare,
            $litres * (1 - $hotShare),
            (1 - $share) * $systemCelsius + $share * $fill,
            $share * ($systemCelsius - $cold),
        );
    }

    /** Millilitres of a product for the new water, from its label's dose per 100 litres. */
    public function dose(float $millilitresPer100Litres): float
    {
        return $this->litres / 100 * $millilitresPer100Litres;
    }
}
