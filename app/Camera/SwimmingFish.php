<?php

declare(strict_types=1);

namespace App\Camera;

/** A drawn, plainly invented fish at a place in the water: a body, fins, an eye and stripes, all by formula. */
final readonly class SwimmingFish
{
    private const BODY = 0.82;

    private const HALF_HEIGHT = 0.135;

    public function __construct(
        public string $name,
        /** Along the back, millimetres. */
        public float $mm,
        /** Its middle, from the camera's foot: right, down, and behind the inner face of the glass; millimetres. */
        public float $x,
        public float $y,
        public float $z,
        /** Out of the plane of the glass, degrees. */
        public float $yaw,
        /** How much it is bent upward in its middle, as a share of its length. */
        public float $bend,
        public bool $looksLeft,
        /** 0xRRGGBB */
        public int $colour,
    ) {
    }

    /** From snout to tail tip in a straight line: a bent one is shorter than along its back. */
    public function chord(): float
    {
        return $this->mm / (1 + (M_PI * $this->bend) ** 2 / 4);
    }

    /**
     * Its colour at a place of itself; null: there is nothing of it.
     *
     * @param  float  $u  0 at the snout, 1 at the tip of the tail
     * @param  float  $v  below its axis, as a share of the chord
     */
    public function colourAt(float $u, float $v): ?int
    {
        if ($u < 0.0 || $u > 1.0) {
            return null;
        }
        $v += $this->bend * sin(M_PI * $u);
        $half = $u < self::BODY
            ? self::HALF_HEIGHT * sin(M_PI * ($u / self::BODY) ** 0.62) ** 0.75 + 0.018
            : 0.03 + ($u - self::BODY) * (0.75 - 0.5 * ($u - self::BODY));
        $isFin = $u > self::BODY || ($u > 0.35 && $u < 0.7 && $v < 0 && abs($v) < $half + 0.07 * sin(M_PI * ($u - 0.35) / 0.35) && abs($v) > $half);
        if (abs($v) > $half && ! $isFin || $u > self::BODY && abs($v) > $half) {
            return null;
        }
        if (hypot($u - 0.085, $v + 0.03) < 0.017) {
            return 0x101418;
        }

        return match (true) {
            $isFin => self::shaded($this->colour, 0.72),
            // A stripe for each tenth of its length: they tell its scale to the eye.
            $u > 0.15 && fmod($u * 10, 1.0) < 0.22 => self::shaded($this->colour, 0.55),
            default => self::shaded($this->colour, 1.05 - 1.6 * $v),
        };
    }

    private static function shaded(int $colour, float $light): int
    {
        $part = fn (int $shift): int => max(0, min(255, (int) (($colour >> $shift & 0xFF) * $light))) << $shift;

        return $part(16) | $part(8) | $part(0);
    }
}
