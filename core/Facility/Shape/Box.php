<?php

declare(strict_types=1);

namespace Biomegas\Facility\Shape;

use Biomegas\Facility\Description\ImpossiblePicture;

final readonly class Box implements Shape
{
    private function __construct(
        private float $length,
        private float $width,
        private float $depth,
    ) {
    }

    /** @throws ImpossiblePicture when a size is not above zero */
    public static function inside(float $length, float $width, float $depth): self
    {
        if (min($length, $width, $depth) <= 0.0) {
            throw ImpossiblePicture::becauseTheGlassLeavesNoRoom();
        }

        return new self($length, $width, $depth);
    }

    /** @throws ImpossiblePicture when the glass leaves no room */
    public static function outside(float $length, float $width, float $depth, float $glass): self
    {
        return self::inside($length - 2 * $glass, $width - 2 * $glass, $depth - $glass);
    }

    public function swimLength(): float
    {
        return max($this->length, $this->width);
    }

    public function turningWidth(): float
    {
        return min($this->length, $this->width);
    }

    public function depth(): float
    {
        return $this->depth;
    }

    public function floorArea(): float
    {
        return $this->length * $this->width;
    }

    public function outline(): array
    {
        return [[0.0, 0.0], [$this->length, 0.0], [$this->length, $this->width], [0.0, $this->width]];
    }
}
