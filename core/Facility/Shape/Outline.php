<?php

declare(strict_types=1);

namespace Biomegas\Facility\Shape;

use Biomegas\Facility\Description\ImpossiblePicture;

/**
 * A pond given by its corners. The swimmer's run is the longest straight line
 * inside that is parallel to one of the sides; the turning width is the room
 * across the middle of that run.
 */
final readonly class Outline implements Shape
{
    /** Parallel lines tried across the pond for each direction. */
    private const LINES = 64;

    /** Runs this near to the longest count as equal, so that the middle one of a rectangle is taken. */
    private const EQUAL_RUNS = 1e-6;

    /** @param  list<array{float, float}>  $points */
    private function __construct(
        private float $swimLength,
        private float $turningWidth,
        private float $depth,
        private float $floorArea,
        private array $points,
    ) {
    }

    /**
     * @param  list<array{float, float}>  $points  corners in order round the edge, millimetres
     *
     * @throws ImpossiblePicture when the outline crosses itself or has no area
     */
    public static function inside(array $points, float $depth): self
    {
        if ($depth <= 0.0) {
            throw ImpossiblePicture::becauseTheGlassLeavesNoRoom();
        }
        // Before the area is looked at: that of two equal loops is none.
        if (self::crossesItself($points)) {
            throw ImpossiblePicture::becauseTheOutlineCrossesItself();
        }
        $area = abs(self::shoelace($points));
        if (count($points) < 3 || $area <= 0.0) {
            throw ImpossiblePicture::becauseTheOutlineHasNoArea();
        }
        [$run, $width] = self::longestRun($points);

        return new self($run, $width, $depth, $area, $points);
    }

    public function swimLength(): float
    {
        return $this->swimLength;
    }

    public function turningWidth(): float
    {
        return $this->turningWidth;
    }

    public function depth(): float
    {
        return $this->depth;
    }

    public function floorArea(): float
    {
        return $this->floorArea;
    }

    /** @param  list<array{float, float}>  $points */
    private static function shoelace(array $points): float
    {
        $twice = 0.0;
        foreach ($points as $i => [$x, $y]) {
            [$nextX, $nextY] = $points[($i + 1) % count($points)];
            $twice += $x * $nextY - $nextX * $y;
        }

        return $twice / 2;
    }

    /** @param  list<array{float, float}>  $points */
    private static function crossesItself(array $points): bool
    {
        $n = count($points);
        for ($i = 0; $i < $n; $i++) {
            for ($j = $i + 2; $j < $n; $j++) {
                $areNeighbours = $i === 0 && $j === $n - 1;
                if (! $areNeighbours && self::cross($points[$i], $points[$i + 1], $points[$j], $points[($j + 1) % $n])) {
                    return true;
                }
            }
        }

        return false;
    }

    /**
     * @param  array{float, float}  $a
     * @param  array{float, float}  $b
     * @param  array{float, float}  $c
     * @param  array{float, float}  $d
     */
    private static function cross(array $a, array $b, array $c, array $d): bool
    {
        return self::side($a, $b, $c) * self::side($a, $b, $d) < 0.0 && self::side($c, $d, $a) * self::side($c, $d, $b) < 0.0;
    }

    /**
     * Above zero when r lies to the left of the way from p to q.
     *
     * @param  array{float, float}  $p
     * @param  array{float, float}  $q
     * @param  array{float, float}  $r
     */
    private static function side(array $p, array $q, array $r): float
    {
        return ($q[0] - $p[0]) * ($r[1] - $p[1]) - ($q[1] - $p[1]) * ($r[0] - $p[0]);
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return array{float, float} the run and the width across its middle
     */
    private static function longestRun(array $points): array
    {
        $best = [0.0, 0.0];
        foreach ($points as $i => [$x, $y]) {
            [$nextX, $nextY] = $points[($i + 1) % count($points)];
            $turned = self::turn($points, -atan2($nextY - $y, $nextX - $x));
            $run = self::longestLevelRun($turned);
            if ($run['length'] > $best[0] * (1 + self::EQUAL_RUNS)) {
                $best = [$run['length'], self::roomAcross($turned, $run['middle'], $run['height'])];
            }
        }

        return $best;
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return non-empty-list<array{float, float}>
     */
    private static function turn(array $points, float $angle): array
    {
        [$cos, $sin] = [cos($angle), sin($angle)];

        return array_map(fn (array $p): array => [$p[0] * $cos - $p[1] * $sin, $p[0] * $sin + $p[1] * $cos], $points);
    }

    /**
     * @param  non-empty-list<array{float, float}>  $points
     * @return array{length: float, middle: float, height: float}
     */
    private static function longestLevelRun(array $points): array
    {
        $heights = array_column($points, 1);
        [$low, $high] = [min($heights), max($heights)];
        $best = ['length' => 0.0, 'middle' => 0.0, 'height' => 0.0];
        for ($i = 0; $i < self::LINES; $i++) {
            $height = $low + ($high - $low) * ($i + 0.5) / self::LINES;
            foreach (self::chords($points, $height) as [$from, $to]) {
                if ($to - $from > $best['length'] * (1 + self::EQUAL_RUNS)) {
                    $best = ['length' => $to - $from, 'middle' => ($from + $to) / 2, 'height' => $height];
                }
            }
        }

        return $best;
    }

    /**
     * The pieces of a level line that lie inside.
     *
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private static function chords(array $points, float $height): array
    {
        $crossings = [];
        foreach ($points as $i => [$x, $y]) {
            [$nextX, $nextY] = $points[($i + 1) % count($points)];
            if (($y <= $height) !== ($nextY <= $height)) {
                $crossings[] = $x + ($nextX - $x) * ($height - $y) / ($nextY - $y);
            }
        }
        sort($crossings);

        $chords = [];
        for ($i = 0; $i + 1 < count($crossings); $i += 2) {
            $chords[] = [$crossings[$i], $crossings[$i + 1]];
        }

        return $chords;
    }

    /** @param  list<array{float, float}>  $points */
    private static function roomAcross(array $points, float $x, float $y): float
    {
        $upright = array_map(fn (array $p): array => [$p[1], $p[0]], $points);
        foreach (self::chords($upright, $x) as [$from, $to]) {
            if ($from <= $y && $y <= $to) {
                return $to - $from;
            }
        }

        return 0.0;
    }

    public function outline(): array
    {
        [$left, $top] = [min([INF, ...array_column($this->points, 0)]), min([INF, ...array_column($this->points, 1)])];

        return array_map(fn (array $p): array => [$p[0] - $left, $p[1] - $top], $this->points);
    }
}
