<?php

declare(strict_types=1);

namespace Biomegas\Moving\Mixing;

/** Three ways to bring new water to a fish in a container. */
enum MixingWay: string
{
    case TakeOut = 'take-out';
    case FillUp = 'fill-up';
    case PourOff = 'pour-off';

    /**
     * The portion that brings the share of old water from one value to another.
     *
     * @param  float  $start  litres at the beginning
     * @param  float  $old  share of old water now
     * @param  float  $wanted  share of old water then
     * @return float litres
     */
    public function portion(float $start, float $old, float $wanted): float
    {
        return match ($this) {
            self::TakeOut => $start * (1 - $wanted / $old),
            self::PourOff => $start * ($old / $wanted - 1),
            self::FillUp => $start * (1 / $wanted - 1 / $old),
        };
    }

    /** The share of old water that is left when a portion of these litres has been added. */
    public function left(float $start, float $old, float $portion): float
    {
        return match ($this) {
            self::TakeOut => $old * (1 - $portion / $start),
            self::PourOff => $old * $start / ($start + $portion),
            self::FillUp => 1 / (1 / $old + $portion / $start),
        };
    }
}
