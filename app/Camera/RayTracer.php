<?php

declare(strict_types=1);

namespace App\Camera;

use GdImage;

/**
 * Draws what a pinhole camera sees through a pane of glass: for every pixel a
 * ray is sent out, bent where it enters the glass and where it enters the
 * water, and followed to what it hits first. Written apart from the core's
 * closed form, so that each checks the other.
 */
final class RayTracer
{
    private const GLASS = 1.52;

    private const TINT = [0x8F, 0xB7, 0xB4];

    private const SAND = [0xC9, 0xB4, 0x86];

    /** Of light that is left after a metre of water. */
    private const CLEARNESS = 0.55;

    private const TICK_MM = 10.0;

    /** @var array<int, array{float, float}> by whole pixels from the middle: where a ray enters the water and its slope there, per pixel */
    private array $rays = [];

    public function __construct(private readonly Scene $scene)
    {
    }

    public function picture(): GdImage
    {
        [$width, $height] = [max(1, $this->scene->width), max(1, $this->scene->height)];
        $image = imagecreatetruecolor($width, $height);
        for ($row = 0; $row < $height; $row++) {
            for ($column = 0; $column < $width; $column++) {
                imagesetpixel($image, $column, $row, $this->colour($column - $width / 2, $row - $height / 2));
            }
        }

        return $image;
    }

    /**
     * The pixel in which a point of the water is seen, from the upper left corner: rays are sent out until one meets it.
     *
     * @return array{float, float}
     */
    public function pixelOf(float $x, float $y, float $z): array
    {
        $far = hypot($x, $y);
        [$low, $high] = [0.0, 4.0 * $this->scene->width];
        for ($i = 0; $i < 60; $i++) {
            $middle = ($low + $high) / 2;
            [$entry, $slope] = $this->ray($middle);
            if ($entry + $slope * $z < $far) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }
        $share = $far > 0 ? $low / $far : 0.0;

        return [$this->scene->width / 2 + $share * $x, $this->scene->height / 2 + $share * $y];
    }

    /** @return array{float, float} where the ray of a pixel so far from the middle enters the water, and how it goes on */
    private function ray(float $pixels): array
    {
        $onPane = $pixels * $this->scene->mmPerPixel();
        $direction = [$onPane, $this->scene->distanceMm];
        $inGlass = self::refracted($direction, 1 / self::GLASS);
        $inWater = self::refracted($inGlass, self::GLASS / $this->scene->waterIndex);

        return [$onPane + $this->scene->glassMm * $inGlass[0] / $inGlass[1], $inWater[0] / $inWater[1]];
    }

    /**
     * Snell's law in vector form, at a face that is square to the second axis.
     *
     * @param  array{float, float}  $ray
     * @return array{float, float}
     */
    private static function refracted(array $ray, float $ratio): array
    {
        $length = hypot(...$ray);
        [$across, $into] = [$ray[0] / $length, $ray[1] / $length];

        return [$ratio * $across, sqrt(1 - $ratio ** 2 * (1 - $into ** 2))];
    }

    private function colour(float $dx, float $dy): int
    {
        $scale = $this->scene->mmPerPixel();
        $ruler = $this->ruler($dx * $scale, $dy * $scale);
        if ($ruler !== null) {
            return $ruler;
        }
        $pixels = (int) round(hypot($dx, $dy));
        [$entry, $slope] = $this->rays[$pixels] ??= $this->perPixel(max(1, $pixels));
        [$x, $y, $sx, $sy] = [$dx * $entry, $dy * $entry, $dx * $slope, $dy * $slope];
        [$nearest, $seen] = [$this->scene->roomMm, null];
        foreach ($this->scene->fish as $fish) {
            $yaw = deg2rad($fish->yaw);
            // Where the ray meets the upright plane in which the fish swims.
            $along = ($x + $sx * $fish->z - $fish->x) / (cos($yaw) - $sx * sin($yaw));
            $z = $fish->z + $along * sin($yaw);
            if ($z >= $nearest || $z < 0 || abs($along) > $fish->mm) {
                continue;
            }
            $u = 0.5 + ($fish->looksLeft ? 1 : -1) * $along / $fish->chord();
            $colour = $fish->colourAt($u, ($y + $sy * $z - $fish->y) / $fish->chord());
            if ($colour !== null) {
                [$nearest, $seen] = [$z, $colour];
            }
        }

        return $seen === null ? $this->wall($x + $sx * $this->scene->roomMm, $y + $sy * $this->scene->roomMm) : self::through($seen, $nearest);
    }

    /** @return array{float, float} */
    private function perPixel(int $pixels): array
    {
        [$entry, $slope] = $this->ray($pixels);

        return [$entry / $pixels, $slope / $pixels];
    }

    private function wall(float $x, float $y): int
    {
        $grain = (sin($x * 0.13) * cos($y * 0.17) + sin(($x + $y) * 0.05)) * 6;
        $isSand = $y > $this->scene->rulerY() * 1.15;
        [$red, $green, $blue] = $isSand ? self::SAND : self::TINT;

        return self::through(self::mixed((int) ($red + $grain), (int) ($green + $grain), (int) ($blue + $grain)), $this->scene->roomMm);
    }

    /** White, with a tick for each centimetre and a longer one for each five. */
    private function ruler(float $x, float $y): ?int
    {
        $top = $this->scene->rulerY();
        $half = Scene::RULER_MM / 2;
        if (abs($x) > $half + self::TICK_MM || $y < $top || $y > $top + 26) {
            return null;
        }
        $from = $x + $half;
        $tick = (int) round($from / self::TICK_MM);
        $isTick = abs($from - $tick * self::TICK_MM) < 0.8 && $from > -1 && $from < Scene::RULER_MM + 1 && $y < $top + ($tick % 5 === 0 ? 18 : 10);

        return match (true) {
            $isTick && ($tick === 0 || $tick === (int) (Scene::RULER_MM / self::TICK_MM)) => 0xC02018,
            $isTick => 0x202020,
            default => 0xF4F2EA,
        };
    }

    private static function through(int $colour, float $depthMm): int
    {
        $left = self::CLEARNESS ** ($depthMm / 1000);
        $part = fn (int $shift, int $tint): int => (int) (($colour >> $shift & 0xFF) * $left + $tint * (1 - $left));

        return self::mixed($part(16, self::TINT[0]), $part(8, self::TINT[1]), $part(0, self::TINT[2]));
    }

    private static function mixed(int $red, int $green, int $blue): int
    {
        return max(0, min(255, $red)) << 16 | max(0, min(255, $green)) << 8 | max(0, min(255, $blue));
    }
}
