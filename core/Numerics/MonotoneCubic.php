<?php

declare(strict_types=1);

namespace Biomegas\Numerics;

/**
 * A rising curve through given points that never overshoots: Fritsch and
 * Carlson (1980), SIAM Journal on Numerical Analysis 17, 238-246, with the
 * weighted harmonic mean for the inner slopes.
 */
final readonly class MonotoneCubic
{
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
