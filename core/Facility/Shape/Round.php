<?php

declare(strict_types=1);

namespace Biomegas\Facility\Shape;

use Biomegas\Facility\Description\ImpossiblePicture;

/** A round vat: a swimmer circles along the wall, so its run is half the way round. */
final readonly class Round implements Shape
{
    private const SIDES = 72;

    private function __construct(
        private float $diameter,
        private float $depth,
    ) {
    }

    /** @throws ImpossiblePicture when a size is not above zero */
    public static function inside(float $diameter, float $depth): self
    {
        if (min($diameter, $depth) <= 0.0) {
            throw ImpossiblePicture::becauseTheGlassLeavesNoRoom();
        }

        return new self($diameter, $depth);
    }

    /** @throws ImpossiblePicture when the wall leaves no room */
    public static function outside(float $diameter, float $depth, float $wall): self
    {
        return self::inside($diameter - 2 * $wall, $depth - $wall);
    }

    public function swimLength(): float
    {
        return M_PI * $this->diameter / 2;
    }

    public function turningWidth(): float
    {
        return $this->diameter;
    }

    public function depth(): float
    {
        return $this->depth;
    }

    public function floorArea(): float
    {
        return M_PI * $this->diameter ** 2 / 4;
    }

    public function outline(): array
    {
        $radius = $this->diameter / 2;

        return array_map(function (int $i) use ($radius): array {
            $angle = 2 * M_PI * $i / self::SIDES;

            return [$radius + $radius * cos($angle), $radius + $radius * sin($angle)];
        }, range(0, self::SIDES - 1));
    }
}
