<?php

declare(strict_types=1);

namespace Biomegas\Facility\Shape;

use Biomegas\Facility\Description\ImpossiblePicture;

/** A box whose front bulges outwards as an arc of a circle: the fish turns where it is widest. */
final readonly class Bow implements Shape
{
    private const SIDES_OF_BULGE = 24;

    private function __construct(
        private float $length,
        private float $width,
        private float $bow,
        private float $depth,
    ) {
    }

    /**
     * @param  float  $width  at the ends, without the bulge
     * @param  float  $bow  how far the front bulges in the middle
     *
     * @throws ImpossiblePicture when a size is not above zero
     */
    public static function inside(float $length, float $width, float $bow, float $depth): self
    {
        if (min($length, $width, $bow, $depth) <= 0.0) {
            throw ImpossiblePicture::becauseTheGlassLeavesNoRoom();
        }

        return new self($length, $width, $bow, $depth);
    }

    /** @throws ImpossiblePicture when the glass leaves no room */
    public static function outside(float $length, float $width, float $bow, float $depth, float $glass): self
    {
        return self::inside($length - 2 * $glass, $width - 2 * $glass, $bow, $depth - $glass);
    }

    public function swimLength(): float
    {
        return $this->length;
    }

    public function turningWidth(): float
    {
        return $this->width + $this->bow;
    }

    public function depth(): float
    {
        return $this->depth;
    }

    public function floorArea(): float
    {
        return $this->length * $this->width + $this->bulge();
    }

    /** Area of the circular segment with this chord and height. */
    private function bulge(): float
    {
        $radius = $this->bulgeRadius();
        $halfAngle = atan2($this->length / 2, $radius - $this->bow);

        return $radius ** 2 * ($halfAngle - sin($halfAngle) * cos($halfAngle));
    }

    public function outline(): array
    {
        $outline = [[0.0, 0.0], [$this->length, 0.0]];
        $radius = $this->bulgeRadius();
        $halfAngle = atan2($this->length / 2, $radius - $this->bow);
        for ($i = 0; $i <= self::SIDES_OF_BULGE; $i++) {
            $angle = $halfAngle * (1 - 2 * $i / self::SIDES_OF_BULGE);
            $outline[] = [$this->length / 2 + $radius * sin($angle), $this->width + $this->bow - $radius * (1 - cos($angle))];
        }

        return $outline;
    }

    /** Of the circle whose arc the front is. */
    private function bulgeRadius(): float
    {
        return ($this->length ** 2 / 4 + $this->bow ** 2) / (2 * $this->bow);
    }
}
