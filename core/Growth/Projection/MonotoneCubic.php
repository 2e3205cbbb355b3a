<?php

declare(strict_types=1);

namespace Biomegas\Growth\Projection;

/**
 * A rising curve through given points that never overshoots: Fritsch and
 * Carlson (1980), SIAM Journal on Numerical Analysis 17, 238-246, with the
 * weighted harmonic mean for the inner slopes.
 */
final readonly class MonotoneCubic
{
    /** Steps of the Illinois rule, which gains more than a digit a step on so tame a curve. */
    private const MOST_STEPS = 40;

    private const TOLERANCE = 1e-12;

    /** @var list<float> */
    private array $slopes;

    /**
     * @param  non-empty-list<float>  $x  strictly rising, at least two
     * @param  non-empty-list<float>  $y  never falling
     */
    public function __construct(
        private array $x,
        private array $y,
    ) {
        $this->slopes = self::slopesOf($x, $y);
    }

    /** Held at the ends. */
    public function at(float $x): float
    {
        $last = count($this->x) - 1;
        if ($x <= $this->x[0]) {
            return $this->y[0];
        }
        if ($x >= $this->x[$last]) {
            return $this->y[$last];
        }
        $i = 0;
        while ($this->x[$i + 1] < $x) {
            $i++;
        }

        return $this->within($i, $x);
    }

    /** The first x at which the curve reaches y: the start when it is there already, null when it never gets there. */
    public function firstReaching(float $y): ?float
    {
        if ($this->y[0] >= $y) {
            return $this->x[0];
        }
        foreach ($this->y as $i => $value) {
            if ($value >= $y) {
                return $this->solve($i - 1, $y);
            }
        }

        return null;
    }

    /** Dowell and Jarratt (1971), BIT 11, 168-174: a secant that cannot leave its bracket. */
    private function solve(int $i, float $y): float
    {
        [$low, $high] = [$this->x[$i], $this->x[$i + 1]];
        [$below, $above] = [$this->y[$i] - $y, $this->y[$i + 1] - $y];
        $side = 0;
        for ($step = 0; $step < self::MOST_STEPS && $high - $low > self::TOLERANCE && $above > 0.0; $step++) {
            $x = ($low * $above - $high * $below) / ($above - $below);
            $miss = $this->within($i, $x) - $y;
            if (abs($miss) <= self::TOLERANCE * $y) {
                return $x;
            }
            // An end that stays for a second time is pulled nearer, or the secant would creep.
            if ($miss > 0.0) {
                [$high, $above, $below] = [$x, $miss, $side === 1 ? $below / 2 : $below];
                $side = 1;
            } else {
                [$low, $below, $above] = [$x, $miss, $side === -1 ? $above / 2 : $above];
                $side = -1;
            }
        }

        return $high;
    }

    private function within(int $i, float $x): float
    {
        $width = $this->x[$i + 1] - $this->x[$i];
        $t = ($x - $this->x[$i]) / $width;

        return $this->y[$i] * (1 + 2 * $t) * (1 - $t) ** 2
            + $this->slopes[$i] * $width * $t * (1 - $t) ** 2
            + $this->y[$i + 1] * $t * $t * (3 - 2 * $t)
            + $this->slopes[$i + 1] * $width * $t * $t * ($t - 1);
    }

    /**
     * @param  list<float>  $x
     * @param  list<float>  $y
     * @return list<float>
     */
    private static function slopesOf(array $x, array $y): array
    {
        $n = count($x);
        $rise = $width = [];
        for ($i = 0; $i < $n - 1; $i++) {
            $width[] = $x[$i + 1] - $x[$i];
            $rise[] = ($y[$i + 1] - $y[$i]) / $width[$i];
        }
        $slopes = [$rise[0]];
        for ($i = 1; $i < $n - 1; $i++) {
            [$before, $after] = [$rise[$i - 1], $rise[$i]];
            $left = 2 * $width[$i] + $width[$i - 1];
            $right = $width[$i] + 2 * $width[$i - 1];
            $slopes[] = $before > 0.0 && $after > 0.0 ? ($left + $right) / ($left / $before + $right / $after) : 0.0;
        }
        $slopes[] = $rise[$n - 2];

        return $slopes;
    }
}
