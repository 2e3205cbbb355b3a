<?php

declare(strict_types=1);

namespace Biomegas\Growth\Pace;

/** What is believed of one animal before its own lengths are looked at: from the usual, and from the others of its facility. */
final readonly class PaceBelief
{
    /**
     * @param  list<float>  $shares  of each of the levels; sum 1
     * @param  float  $width  factor on how much species are taken to vary, at most 1
     */
    public function __construct(
        public array $shares,
        public float $width = 1.0,
    ) {
    }

    public static function usual(): self
    {
        $weights = [];
        foreach (PaceLevels::SPREADS as [, $ofSpread]) {
            foreach (PaceLevels::ERRORS as [, , $ofError]) {
                $weights[] = $ofSpread * $ofError;
            }
        }
        $sum = array_sum($weights);

        return new self(array_map(fn (float $weight): float => $weight / $sum, $weights));
    }
}
