<?php

declare(strict_types=1);

namespace Biomegas\Picture;

/**
 * A camera that looks square through a pane, or straight down at open water:
 * where behind it a point of the picture lies, exactly and in closed form.
 * A ray that meets the pane at y from the camera's foot goes on by
 * t tan(asin(sin a / n_glass)) in the glass and d tan(asin(sin a / n_water))
 * behind it, a = atan(y / D): Snell's law, twice.
 */
final readonly class Sight
{
    /** A camera nearer than this sees nothing sharp; one farther away sees no fish. */
    private const NEAREST_MM = 50.0;

    private const FARTHEST_MM = 20_000.0;

    private const HALVINGS = 60;

    public function __construct(
        /** Where the camera stands square to the pane: the middle of the picture, unless it was cut. */
        public Point $foot,
        /** On the outer face of the pane, or the surface of the water. */
        public float $mmPerPixel,
        /** From the lens to there, millimetres. */
        public float $distanceMm,
        /** Thickness of the pane; 0: open water. */
        public float $glassMm,
        public float $waterIndex,
    ) {
    }

    /**
     * Down at open water, where the scale is taken from the rim.
     *
     * @param  float  $rimScale  millimetres per pixel on the rim
     * @param  float  $distanceMm  from the lens to the surface of the water
     * @param  float  $rimMm  of the rim above the water
     */
    public static function fromAbove(Point $foot, float $rimScale, float $distanceMm, float $rimMm, float $waterIndex): self
    {
        return new self($foot, $rimScale * $distanceMm / max(self::NEAREST_MM / 2, $distanceMm - $rimMm), $distanceMm, 0.0, $waterIndex);
    }

    public function at(float $distanceMm): self
    {
        return new self($this->foot, $this->mmPerPixel, $distanceMm, $this->glassMm, $this->waterIndex);
    }

    /**
     * @param  float  $depthMm  behind the inner face
     * @return array{float, float} millimetres from the foot, as the picture lies
     */
    public function behind(Point $point, float $depthMm): array
    {
        [$x, $y] = [($point->x - $this->foot->x) * $this->mmPerPixel, ($point->y - $this->foot->y) * $this->mmPerPixel];
        $onPane = hypot($x, $y);
        if ($onPane === 0.0) {
            return [0.0, 0.0];
        }
        $sine = $onPane / hypot($onPane, $this->distanceMm);
        $stretch = 1 + ($this->glassMm * self::tangentIn(RefractiveIndex::GLASS, $sine) + $depthMm * self::tangentIn($this->waterIndex, $sine)) / $onPane;

        return [$x * $stretch, $y * $stretch];
    }

    /**
     * @param  list<Point>  $line  along the fish
     * @return float millimetres
     */
    public function lengthOf(array $line, float $depthMm): float
    {
        $length = 0.0;
        $before = null;
        foreach ($line as $point) {
            $here = $this->behind($point, $depthMm);
            $length += $before === null ? 0.0 : hypot($here[0] - $before[0], $here[1] - $before[1]);
            $before = $here;
        }

        return $length;
    }

    /** Degrees between a ray and the square line of sight, before the pane. */
    public function slant(Point $point): float
    {
        return rad2deg(atan($this->foot->distanceTo($point) * $this->mmPerPixel / $this->distanceMm));
    }

    /**
     * How far the camera stands, when something of known size is seen at a
     * known depth: from farther away it looks larger beside the scale.
     *
     * @param  list<Point>  $line  along it
     * @return float|null millimetres; null: no distance fits
     */
    public function distanceAtWhich(array $line, float $depthMm, float $knownMm): ?float
    {
        return self::root(fn (float $distance): float => $knownMm - $this->at($distance)->lengthOf($line, $depthMm), self::NEAREST_MM, self::FARTHEST_MM);
    }

    /**
     * How deep a fish swims that is seen from two distances: at its own depth alone it has one length.
     *
     * @param  list<Point>  $line
     * @param  list<Point>  $otherLine  of the same fish, in the picture of the other sight
     * @return float|null millimetres behind the inner face; null: none fits
     */
    public function depthAtWhich(array $line, self $other, array $otherLine, float $deepestMm): ?float
    {
        return self::root(fn (float $depth): float => $this->lengthOf($line, $depth) - $other->lengthOf($otherLine, $depth), 0.0, $deepestMm);
    }

    private static function tangentIn(float $index, float $sine): float
    {
        $bent = $sine / $index;

        return $bent / sqrt(1 - $bent ** 2);
    }

    /** @param  callable(float): float  $of  monotonic */
    private static function root(callable $of, float $low, float $high): ?float
    {
        [$atLow, $atHigh] = [$of($low), $of($high)];
        if ($atLow * $atHigh > 0) {
            return null;
        }
        for ($i = 0; $i < self::HALVINGS; $i++) {
            $middle = ($low + $high) / 2;
            if ($of($middle) * $atLow > 0) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }
}
