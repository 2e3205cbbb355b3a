<?php

declare(strict_types=1);

namespace Biomegas\Growth\Clock;

use Biomegas\Rulebook\Ration;
use Biomegas\Rulebook\Rulebook;

/**
 * What growth makes of what was eaten: straight lines between the rations whose
 * growth is assumed, none at what only keeps a fish alive, no more than with
 * several meals a day. An assumption, no published source.
 */
final readonly class FedGrowth
{
    /** Of a steady ration: it lives and does not grow. */
    private const MAINTENANCE = 0.25;

    /**
     * @param  float  $eaten  of its ration
     * @return float against what grows on the whole ration
     */
    public static function of(Ration $ration, float $eaten, Rulebook $rulebook): float
    {
        $food = $rulebook->foodOf($ration) * $eaten;
        $low = [self::MAINTENANCE, 0.0];
        foreach ([Ration::Sparse, Ration::Steady, Ration::Several] as $known) {
            $high = [$rulebook->foodOf($known), $known->growthFactor()];
            if ($food <= $high[0]) {
                $part = max(0.0, $food - $low[0]) / max(1e-9, $high[0] - $low[0]);

                return ($low[1] + $part * ($high[1] - $low[1])) / $ration->growthFactor();
            }
            $low = $high;
        }

        return $low[1] / $ration->growthFactor();
    }
}
