<?php

declare(strict_types=1);

namespace Biomegas\Facility\Shape;

use Biomegas\Facility\Description\ImpossiblePicture;

/**
 * Two boxes at a right angle. The second leg is measured from the wall of the
 * first outwards, so their floors do not overlap; swimmers use the longer leg.
 */
final readonly class LShape implements Shape
{
    private function __construct(
        private float $length,
        private float $width,
        private float $legLength,
        private float $legWidth,
        private float $depth,
    ) {
    }

    /** @throws ImpossiblePicture when a size is not above zero */
    public static function inside(float $length, float $width, float $legLength, float $legWidth, float $depth): self
    {
        if (min($length, $width, $legLength, $legWidth, $depth) <= 0.0) {
            throw ImpossiblePicture::becauseTheGlassLeavesNoRoom();
        }

        return new self($length, $width, $legLength, $legWidth, $depth);
    }

    /** @throws ImpossiblePicture when the glass leaves no room */
    public static function outside(float $length, float $width, float $legLength, float $legWidth, float $depth, float $glass): self
    {
        // The leg's far glass is taken off and the open glass of the main box comes on: its own length stays.
        return self::inside($length - 2 * $glass, $width - 2 * $glass, $legLength, $legWidth - 2 * $glass, $depth - $glass);
    }

    public function swimLength(): float
    {
        return max($this->length, $this->legLength);
    }

    public function turningWidth(): float
    {
        return $this->length >= $this->legLength ? $this->width : $this->legWidth;
    }

    public function depth(): float
    {
        return $this->depth;
    }

    public function floorArea(): float
    {
        return $this->length * $this->width + $this->legLength * $this->legWidth;
    }

    /** The second leg comes forward from the left end of the first. */
    public function outline(): array
    {
        return [
            [0.0, 0.0], [$this->length, 0.0], [$this->length, $this->width], [$this->legWidth, $this->width],
            [$this->legWidth, $this->width + $this->legLength], [0.0, $this->width + $this->legLength],
        ];
    }
}
