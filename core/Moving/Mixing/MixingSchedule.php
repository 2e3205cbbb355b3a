<?php

declare(strict_types=1);

namespace Biomegas\Moving\Mixing;

/**
 * Portions of new water, each as large as the fish bears in the pause after
 * it: they grow, since the same share changes less the nearer the waters are.
 * Where that makes too many, neighbouring ones are put together as far as the
 * fish bears them at once, or the water is let drip.
 */
final readonly class MixingSchedule
{
    private const MOST_PORTIONS = 16;

    /** Pauses at most: one portion is then as large as the fish bears at once. */
    private const LONGEST_PAUSE = 15.0;

    private const MINUTES_PER_HOUR = 60.0;

    /** A container holds at most so much of its litres: from a fuller one a fish can jump. */
    private const FULL = 0.8;

    /** How full it is at the beginning. */
    private const START = 0.4;

    private const HALVINGS = 40;

    private const MOST_STEPS = 400;

    /** @param  list<Portion>  $portions */
    private function __construct(
        public array $portions,
        public float $minutes,
        /** What the container would have to hold at the end, litres. */
        public float $fullest,
        /** Too full: it can jump. */
        public bool $isTooFull,
    ) {
    }

    /** Straight across: nothing is mixed. */
    public static function none(): self
    {
        return new self([], 0.0, 0.0, false);
    }

    /** Litres an hour when it is let drip instead. */
    public function drip(): float
    {
        return $this->minutes > 0.0 ? array_sum(array_map(fn (Portion $portion): float => $portion->litres, $this->portions)) * self::MINUTES_PER_HOUR / $this->minutes : 0.0;
    }

    /**
     * @param  float  $container  litres it holds to the brim
     * @param  int  $leastPortions  even for waters alike
     */
    public static function of(Mixture $waters, Hardiness $fish, MixingWay $way, float $container, int $leastPortions): self
    {
        $start = self::START * $container;
        $single = self::portions($waters, $fish, $way, $start, $leastPortions, $fish->every());
        $portions = self::together($single, (int) min(ceil(count($single) / self::MOST_PORTIONS), self::LONGEST_PAUSE / $fish->every()), $fish->largestPortion() * $start);
        $added = array_sum(array_map(fn (Portion $portion): float => $portion->litres, $portions));
        $fullest = $way === MixingWay::FillUp ? $start + $added : $start + ($way === MixingWay::PourOff ? max([0.0, ...array_map(fn (Portion $portion): float => $portion->litres, $portions)]) : 0.0);

        return new self($portions, count($single) * $fish->every(), $fullest, $fullest > self::FULL * $container + 1e-9);
    }

    /** @return list<Portion> */
    private static function portions(Mixture $waters, Hardiness $fish, MixingWay $way, float $start, int $least, float $pause): array
    {
        $bearable = $fish->step()->least($fish->hourly()->times($pause / self::MINUTES_PER_HOUR));
        [$portions, $old] = [[], 1.0];
        while (count($portions) < self::MOST_STEPS && (count($portions) < $least || ! $waters->between(1 - $old, 1.0)->isWithin($fish->tolerance()))) {
            $next = self::next($waters, $old, $way->left($start, $old, $fish->largestPortion() * $start), $bearable);
            $portions[] = new Portion($pause * count($portions), $way->portion($start, $old, $next), $next);
            $old = $next;
        }

        return $portions;
    }

    /**
     * @param  list<Portion>  $portions
     * @param  float  $largest  litres
     * @return list<Portion>
     */
    private static function together(array $portions, int $most, float $largest): array
    {
        [$groups, $group, $held] = [[], null, 0];
        foreach ($portions as $portion) {
            if ($group !== null && $held < $most && $group->litres + $portion->litres <= $largest) {
                $group = new Portion($group->minute, $group->litres + $portion->litres, $portion->remaining);
                $held++;
            } else {
                $groups = $group === null ? $groups : [...$groups, $group];
                [$group, $held] = [$portion, 1];
            }
        }

        return $group === null ? $groups : [...$groups, $group];
    }

    /** The least share of old water that a portion can leave: down to where it is as large as it may be, unless that is more than the fish bears. */
    private static function next(Mixture $waters, float $old, float $lowest, Difference $bearable): float
    {
        if ($waters->between(1 - $old, 1 - $lowest)->isWithin($bearable)) {
            return $lowest;
        }
        [$bad, $good] = [$lowest, $old];
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = ($bad + $good) / 2;
            if ($waters->between(1 - $old, 1 - $middle)->isWithin($bearable)) {
                $good = $middle;
            } else {
                $bad = $middle;
            }
        }

        return $good;
    }
}
