<?php

declare(strict_types=1);

namespace Biomegas\Moving\Mixing;

/** Two waters mixed: what a fish feels at any share of the new one. */
final readonly class Mixture
{
    public function __construct(
        public WaterSample $from,
        public WaterSample $to,
    ) {
    }

    public function celsius(float $share): ?float
    {
        return self::linear($this->from->celsius, $this->to->celsius, $share);
    }

    /**
     * Hydrogen ions weighted by alkalinity: alkalinity is conserved, and carbon
     * dioxide goes with alkalinity times hydrogen ions. Within 0.15 of a full
     * carbonate computation, mostly within 0.04.
     */
    public function ph(float $share): ?float
    {
        if ($this->from->ph === null || $this->to->ph === null) {
            return null;
        }
        $known = $this->from->hasKnownAlkalinity() && $this->to->hasKnownAlkalinity();
        $old = (1 - $share) * ($known ? $this->from->alkalinity() : 1.0);
        $new = $share * ($known ? $this->to->alkalinity() : 1.0);

        return -log10(($old * 10 ** -$this->from->ph + $new * 10 ** -$this->to->ph) / ($old + $new));
    }

    /** Logarithm of the general hardness. */
    public function logHardness(float $share): ?float
    {
        return self::log(self::linear($this->from->hardness, $this->to->hardness, $share));
    }

    /** Logarithm of the conductivity. */
    public function logConductivity(float $share): ?float
    {
        return self::log(self::linear($this->from->conductivity, $this->to->conductivity, $share));
    }

    private static function linear(?float $from, ?float $to, float $share): ?float
    {
        return $from === null || $to === null ? null : (1 - $share) * $from + $share * $to;
    }

    private static function log(?float $value): ?float
    {
        return $value === null ? null : log(max(0.1, $value));
    }

    /** How far two mixtures are apart: temperature, pH, and the larger of the logarithms; 0 where nothing is known. */
    public function between(float $share, float $other): Difference
    {
        return new Difference(
            self::apart($this->celsius($share), $this->celsius($other)),
            self::apart($this->ph($share), $this->ph($other)),
            max(self::apart($this->logHardness($share), $this->logHardness($other)), self::apart($this->logConductivity($share), $this->logConductivity($other))),
        );
    }

    private static function apart(?float $one, ?float $other): float
    {
        return $one === null || $other === null ? 0.0 : abs($one - $other);
    }
}
