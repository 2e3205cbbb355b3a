<?php

declare(strict_types=1);

namespace Biomegas\Losses;

use Biomegas\Finding\Finding;
use Biomegas\Measure\Share;

/**
 * What share of those that came is still alive after some time, when most of
 * them still are and others left alive: the product-limit estimate of Kaplan
 * & Meier (1958), Journal of the American Statistical Association 53, 457-481.
 */
final readonly class Survival
{
    /** Of the standard normal: 95 in 100 lie within. */
    private const NORMAL = 1.959964;

    private const YEAR_DAYS = 365;

    /** From so many, and so many deaths, something is said. Judgement. */
    private const ENOUGH = 10;

    private const ENOUGH_DEATHS = 3;

    /** @param  list<SurvivalStep>  $steps  the first death first */
    private function __construct(
        public int $came,
        public int $deaths,
        public array $steps,
    ) {
    }

    /** @param  list<Lifetime>  $lifetimes */
    public static function of(array $lifetimes): self
    {
        $died = $left = [];
        foreach ($lifetimes as $life) {
            if ($life->hasDied) {
                $died[$life->days] = ($died[$life->days] ?? 0) + $life->count;
            } else {
                $left[$life->days] = ($left[$life->days] ?? 0) + $life->count;
            }
        }
        $atRisk = $came = array_sum($died) + array_sum($left);
        $days = array_unique([...array_keys($died), ...array_keys($left)]);
        sort($days);
        [$share, $greenwood, $steps] = [1.0, 0.0, []];
        foreach ($days as $day) {
            $deaths = $died[$day] ?? 0;
            if ($deaths > 0) {
                $share *= 1 - $deaths / $atRisk;
                $greenwood += $atRisk > $deaths ? $deaths / ($atRisk * ($atRisk - $deaths)) : 0.0;
                $steps[] = self::step($day, $atRisk, $deaths, $share, $greenwood);
            }
            // Those who left alive on a day lived through it.
            $atRisk -= $deaths + ($left[$day] ?? 0);
        }

        return new self($came, array_sum($died), $steps);
    }

    private static function step(int $day, int $atRisk, int $deaths, float $share, float $greenwood): SurvivalStep
    {
        if ($share <= 0.0) {
            return new SurvivalStep($day, $atRisk, $deaths, 0.0, 0.0, 0.0, 0.0);
        }
        $spread = self::NORMAL * sqrt($greenwood) / log($share);

        return new SurvivalStep($day, $atRisk, $deaths, $share, $share * sqrt($greenwood), $share ** exp(-$spread), $share ** exp($spread));
    }

    /** Fewer show nothing but chance. */
    public function isEnough(): bool
    {
        return $this->came >= self::ENOUGH && $this->deaths >= self::ENOUGH_DEATHS;
    }

    /** In a sentence; null: nobody came. */
    public function finding(): ?Finding
    {
        if ($this->came === 0) {
            return null;
        }
        if (! $this->isEnough()) {
            return Finding::of('losses.survival.too_few', came: $this->came, deaths: $this->deaths);
        }
        $year = null;
        foreach ($this->steps as $step) {
            $year = $step->days <= self::YEAR_DAYS ? $step : $year;
        }

        return $year === null
            ? Finding::of('losses.survival.none_in_a_year', came: $this->came)
            : Finding::of('losses.survival.after_a_year', came: $this->came, deaths: $this->deaths, share: Share::of($year->share), low: Share::of(min($year->low, $year->high)), high: Share::of(max($year->low, $year->high)));
    }
}
