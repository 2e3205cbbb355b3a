<?php

declare(strict_types=1);

namespace Biomegas\Numerics;

use InvalidArgumentException;

/**
 * A weighted sample in order, asked for its quantiles. A quantile is always a
 * value of the sample (type 1 of Hyndman and Fan 1996), so that dates are
 * never interpolated across a winter in which nothing grows.
 */
final readonly class WeightedQuantiles
{
    /**
     * @param  non-empty-list<float>  $values  rising
     * @param  non-empty-list<float>  $cumulative  weight up to and including each value, ends at 1
     */
    private function __construct(
        private array $values,
        private array $cumulative,
    ) {
    }

    /**
     * @param  list<float>  $values  at least one
     * @param  list<float>  $weights  sum 1
     *
     * @throws InvalidArgumentException when there is no value
     */
    public static function of(array $values, array $weights): self
    {
        if ($values === [] || $weights === []) {
            throw new InvalidArgumentException('A sample needs at least one value.');
        }
        asort($values, SORT_NUMERIC);
        $rising = $cumulative = [];
        $sum = 0.0;
        foreach ($values as $i => $value) {
            $rising[] = $value;
            $cumulative[] = $sum += $weights[$i];
        }
        // Rounding must not leave a trace of weight beyond the last value.
        $cumulative[count($cumulative) - 1] = 1.0;

        return new self($rising, $cumulative);
    }

    public function at(float $probability): float
    {
        return $this->values[min(count($this->values) - 1, $this->firstIndex($this->cumulative, $probability))];
    }

    /** Weight of the values up to and including this. */
    public function shareUpTo(float $value): float
    {
        $share = 0.0;
        foreach ($this->values as $i => $one) {
            if ($one > $value) {
                break;
            }
            $share = $this->cumulative[$i];
        }

        return $share;
    }

    /** Weight of the values that are at least this. */
    public function shareFrom(float $value): float
    {
        $index = $this->firstIndex($this->values, $value);

        return $index === 0 ? 1.0 : max(0.0, 1 - ($this->cumulative[$index - 1] ?? 1.0));
    }

    /**
     * Index of the first entry that is at least the bound, or the count of entries.
     *
     * @param  list<float>  $rising
     */
    private function firstIndex(array $rising, float $bound): int
    {
        [$low, $high] = [0, count($rising)];
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($rising[$middle] >= $bound) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }
}
