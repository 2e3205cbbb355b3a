<?php

declare(strict_types=1);

namespace Biomegas\Water;

use Biomegas\InvalidEntry;

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
            throw InvalidEntry::because('share', 'Give the share of the water to change: more than none, at most all of it.');
        }
        if ($hot <= $cold) {
            throw InvalidEntry::because('hot_c', 'The hot water must be warmer than the cold.');
        }
        if ($fill < $cold || $fill > $hot) {
            throw InvalidEntry::because('fill_c', 'No mixture of these two gives that temperature: choose one between the cold and the hot water.');
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
