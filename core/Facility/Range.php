<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** A positive quantity known by its central 90 % range and its typical value. */
final readonly class Range
{
    /** A normal distribution holds 90 % within this many standard deviations, end to end. */
    private const NINETY_PERCENT_WIDTH = 3.29;

    private function __construct(
        public float $low,
        public float $typical,
        public float $high,
    ) {
    }

    /** @throws ImpossiblePicture unless 0 < low <= typical <= high and low < high */
    public static function of(string $what, float $low, float $typical, float $high): self
    {
        if (! ($low > 0.0 && $low <= $typical && $typical <= $high && $low < $high && is_finite($high))) {
            throw ImpossiblePicture::becauseARangeIsOutOfOrder($what);
        }

        return new self($low, $typical, $high);
    }

    /** The range about a value with this standard deviation of its logarithm. */
    public static function about(string $what, float $typical, float $logSpread): self
    {
        $reach = exp(self::NINETY_PERCENT_WIDTH / 2 * $logSpread);

        return self::of($what, $typical / $reach, $typical, $typical * $reach);
    }

    /** Standard deviation of the logarithm. */
    public function logSpread(): float
    {
        return log($this->high / $this->low) / self::NINETY_PERCENT_WIDTH;
    }
}
