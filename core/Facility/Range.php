<?php

declare(strict_types=1);

namespace Biomegas\Facility;

use Biomegas\Facility\Description\ImpossiblePicture;

/** A positive quantity known by its central 90 % range and its typical value. */
final readonly class Range
{
    /** A normal distribution holds 90 % within this many standard deviations, end to end. */
    private const NINETY_PERCENT_WIDTH = 3.29;

    /** Narrower, every draw is the same and their spread is no number; wider, they overflow. Judgement, no published source. */
    private const NARROWEST = 1.005;

    private const WIDEST = 100.0;

    private function __construct(
        public float $low,
        public float $typical,
        public float $high,
    ) {
    }

    /** @throws ImpossiblePicture unless 0 < low <= typical <= high, with high neither too near to low nor too far */
    public static function of(string $what, float $low, float $typical, float $high): self
    {
        if (! ($low > 0.0 && $low <= $typical && $typical <= $high && is_finite($high))) {
            throw ImpossiblePicture::becauseARangeIsOutOfOrder($what);
        }
        if ($high < self::NARROWEST * $low || $high > self::WIDEST * $low) {
            throw ImpossiblePicture::becauseARangeIsTooNarrowOrTooWide($what, self::NARROWEST, self::WIDEST);
        }

        return new self($low, $typical, $high);
    }

    /** The range about a value with this standard deviation of its logarithm. */
    public static function about(float $typical, float $logSpread): self
    {
        $reach = exp(self::NINETY_PERCENT_WIDTH / 2 * $logSpread);

        return new self($typical / $reach, $typical, $typical * $reach);
    }

    /** Standard deviation of the logarithm. */
    public function logSpread(): float
    {
        return log($this->high / $this->low) / self::NINETY_PERCENT_WIDTH;
    }
}
