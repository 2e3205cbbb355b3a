<?php

declare(strict_types=1);

namespace Biomegas\Growth\Fit;

use Biomegas\Growth\Pace\PaceLevels;
use Biomegas\Growth\Pace\PaceStep;
use Biomegas\Numerics\PackedFloats;

/**
 * How the growth time of every draw runs on from the last length: one way each,
 * which never runs backwards.
 */
final class DrawnPaces
{
    /** Growth times since the last length between which passages are searched, years: each twice the one before. */
    private const NODES = [0.0, 0.0625, 0.125, 0.25, 0.5, 1.0, 2.0, 4.0, 8.0, 16.0, 32.0];

    private const NEWTON_STEPS = 6;

    /** Less than a quarter of a minute, in years. */
    private const NEAR_ENOUGH = 1e-8;

    /** @var list<list<PaceStep>>|null by node and spread */
    private ?array $steps = null;

    /**
     * @param  list<int>  $levels  of each draw its level of the pace
     * @param  list<float>  $deviation  how far growth had run ahead at the last length, years
     * @param  list<float>  $pace  how much faster it went then than its curve
     * @param  list<float>  $ofPace  variance of that
     * @param  list<float>  $wander  fixed standard normal for the way growth goes on from there
     * @param  float  $lastTime  growth time of the last length
     */
    public function __construct(
        private readonly array $levels,
        private readonly array $deviation,
        private readonly array $pace,
        private readonly array $ofPace,
        private readonly array $wander,
        private readonly float $lastTime,
    ) {
    }

    /** @return list<mixed> for a memory */
    public function __serialize(): array
    {
        return [pack('C*', ...$this->levels), ...array_map(PackedFloats::of(...), [$this->deviation, $this->pace, $this->ofPace, $this->wander]), $this->lastTime];
    }

    /** @param  array{string, string, string, string, string, float}  $kept */
    public function __unserialize(array $kept): void
    {
        /** @var list<int> $levels */
        $levels = array_values((array) unpack('C*', $kept[0]));
        $this->levels = $levels;
        [$this->deviation, $this->pace, $this->ofPace, $this->wander] = array_map(PackedFloats::read(...), array_slice($kept, 1, 4));
        $this->lastTime = $kept[5];
    }

    /**
     * @param  non-empty-list<float>  $times  rising, not before the last length
     * @return non-empty-list<list<float>> for each time the own time of every draw
     */
    public function ownTimesAt(array $times): array
    {
        $latest = array_fill(0, count($this->deviation), 0.0);
        $all = [];
        foreach ($times as $time) {
            foreach ($this->aheadAfter(max(0.0, $time - $this->lastTime)) as $s => $ahead) {
                $own = $this->lastTime + $ahead;
                $latest[$s] = $own > $latest[$s] ? $own : $latest[$s];
            }
            $all[] = $latest;
        }

        return $all;
    }

    /**
     * @param  float  $time  growth time between the first length and the last
     * @return list<float>
     */
    public function ownTimesBehind(float $time): array
    {
        $share = $this->lastTime > 0.0 ? min(1.0, $time / $this->lastTime) : 0.0;

        return array_map(fn (float $deviation): float => max(0.0, $time + $share * $deviation), $this->deviation);
    }

    /**
     * @param  array<int, float>  $ownTimes  by draw, infinite when it never gets there
     * @param  float  $earliest  not before the last length
     * @return list<float> growth time at which each runs up to its own time, at least the earliest where that is above zero
     */
    public function timesUntil(array $ownTimes, float $earliest): array
    {
        $times = [];
        foreach ($ownTimes as $s => $own) {
            $times[] = $own === INF ? INF : ($own > 0.0 ? max($earliest, $this->lastTime + $this->passage($s, $own - $this->lastTime)) : $earliest);
        }

        return $times;
    }

    /**
     * @param  float  $ahead  own time since the last length, which may lie behind
     * @return float growth time since the last length at which the draw is first there
     */
    private function passage(int $s, float $ahead): float
    {
        $missing = $ahead - $this->deviation[$s];
        if ($missing <= 0.0) {
            return 0.0;
        }
        $steps = $this->steps ??= array_map(self::stepsAfter(...), self::NODES);
        $spread = intdiv($this->levels[$s], count(PaceLevels::ERRORS));
        $pace = $this->pace[$s];
        $ofPace = $this->ofPace[$s];
        $wander = $this->wander[$s];
        $reached = 0.0;
        foreach (self::NODES as $i => $node) {
            $step = $steps[$i][$spread];
            $before = $reached;
            $reached = $node + $step->ahead * $pace + $wander * sqrt($step->ahead * $step->ahead * $ofPace + $step->ofDeviation);
            if ($reached >= $missing && $i > 0) {
                $from = self::NODES[$i - 1];

                return $this->refined($s, $missing, $from, $node, $from + ($node - $from) * ($missing - $before) / ($reached - $before));
            }
        }

        // Beyond all nodes it goes as its curve does.
        return max($node, $node + $missing - $reached);
    }

    /** Newton's steps between two nodes, by halving where they would leave them. */
    private function refined(int $s, float $ahead, float $from, float $to, float $time): float
    {
        $t = PaceStep::PERSISTENCE;
        $ofSpread = PaceLevels::SPREADS[intdiv($this->levels[$s], count(PaceLevels::ERRORS))][2] ** 2;
        $ofWander = PaceStep::WANDER ** 2;
        $pace = $this->pace[$s];
        $ofPace = $this->ofPace[$s];
        $wander = $this->wander[$s];
        for ($step = 0; $step < self::NEWTON_STEPS; $step++) {
            $kept = exp(-$time / $t);
            $lost = 1 - $kept;
            $g = $t * $lost;
            $variance = $g * $g * $ofPace + $ofSpread * $t * $t * max(0.0, 2 * $time / $t - 3 + 4 * $kept - $kept * $kept) + $ofWander * $time;
            $root = sqrt($variance);
            $missing = $ahead - $time - $g * $pace - $wander * $root;
            if (abs($missing) < self::NEAR_ENOUGH) {
                break;
            }
            if ($missing > 0.0) {
                $from = $time;
            } else {
                $to = $time;
            }
            $slope = 1 + $kept * $pace + ($root > 0.0 ? $wander * (2 * $g * $kept * $ofPace + $ofSpread * $t * 2 * $lost * $lost + $ofWander) / (2 * $root) : 0.0);
            $time = $slope > 0.0 ? $time + $missing / $slope : $from;
            $time = $time > $from && $time < $to ? $time : ($from + $to) / 2;
        }

        return $time;
    }

    /** @return list<PaceStep> by spread, as it goes in the time to come */
    private static function stepsAfter(float $years): array
    {
        return array_map(fn (float $spread): PaceStep => PaceStep::over($years, $spread), PaceLevels::spreadsAhead());
    }

    /**
     * @param  float  $since  growth time since the last length
     * @return list<float> of every draw its own time since the last length
     */
    private function aheadAfter(float $since): array
    {
        $steps = self::stepsAfter($since);
        $perSpread = count(PaceLevels::ERRORS);
        $g = $steps[0]->ahead;
        $ahead = [];
        foreach ($this->deviation as $s => $deviation) {
            $variance = $g * $g * $this->ofPace[$s] + $steps[intdiv($this->levels[$s], $perSpread)]->ofDeviation;
            $ahead[] = $since + $deviation + $g * $this->pace[$s] + $this->wander[$s] * sqrt($variance);
        }

        return $ahead;
    }
}
