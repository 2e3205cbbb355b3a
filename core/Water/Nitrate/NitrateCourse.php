<?php

declare(strict_types=1);

namespace Biomegas\Water\Nitrate;

/**
 * Nitrate under a weekly water change, mg/l of the ion. Each week it rises by
 * what is made and falls by the share that is replaced, so the peak tends to
 * tap + made / share and the trough to the same without that last week.
 */
final readonly class NitrateCourse
{
    /** Nobody waits longer. */
    private const MOST_WEEKS = 520;

    /** Within this share of the way the target counts as reached. */
    private const REACHED = 0.05;

    /** @param  float  $madePerWeek  mg/l */
    public function __construct(
        public float $madePerWeek,
        public float $share,
        public float $tap,
    ) {
    }

    /** Just before a change, after long. */
    public function peak(): float
    {
        return $this->tap + $this->madePerWeek / $this->share;
    }

    /** Just after one. */
    public function trough(): float
    {
        return $this->tap + $this->madePerWeek * (1 - $this->share) / $this->share;
    }

    /** The least share to change each week that keeps the peak at the target; above 1: once a week is not enough. */
    public static function leastShare(float $madePerWeek, float $target, float $tap): float
    {
        return $madePerWeek / max(1e-9, $target - $tap);
    }

    /** @return list<float> the peak before each of so many changes, from a present value on */
    public function peaksFrom(float $now, int $weeks): array
    {
        $peaks = [];
        for ($week = 0; $week < $weeks; $week++) {
            $now += $this->madePerWeek;
            $peaks[] = $now;
            $now = (1 - $this->share) * $now + $this->share * $this->tap;
        }

        return $peaks;
    }

    /** Weeks until the peak before a change has come down to the target; 0 when it is there, null when it never does. */
    public function weeksUntil(float $target, float $now): ?int
    {
        $enough = $target + self::REACHED * ($target - $this->tap);
        if ($now <= $enough && $this->peak() <= $enough) {
            return 0;
        }
        if ($this->peak() > $enough) {
            return null;
        }
        foreach ($this->peaksFrom($now, self::MOST_WEEKS) as $week => $peak) {
            if ($peak <= $enough) {
                return $week + 1;
            }
        }

        return null;
    }
}
