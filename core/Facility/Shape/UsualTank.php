<?php

declare(strict_types=1);

namespace Biomegas\Facility\Shape;

use Biomegas\Measure\UnitSystem;

/** A tank as it is sold: nominal outside sizes. Common practice, no published source; the glass is our judgement. */
final readonly class UsualTank
{
    private const INCH = 25.4;

    private const US_GALLON = 3.785411784;

    /** From the rim down to the water, millimetres. Common practice, no published source. */
    private const INCH_FREEBOARD = self::INCH;

    private const METRIC_FREEBOARD = 30.0;

    /** US gallons by name; length, width and height in inches; glass in millimetres. */
    private const US = [
        [10, 20, 10, 12, 5], [20, 24, 12, 16, 6], [20, 30, 12, 12, 6], [29, 30, 12, 18, 6], [40, 36, 18, 16, 6], [55, 48, 13, 21, 8], [75, 48, 18, 21, 10],
        [90, 48, 18, 24, 10], [120, 48, 24, 24, 12], [125, 72, 18, 21, 12], [150, 72, 18, 28, 12], [180, 72, 24, 24, 12], [210, 72, 24, 29, 15], [240, 96, 24, 24, 15],
    ];

    /** Litres by name; length, width and height in centimetres; glass in millimetres. */
    private const METRIC = [
        [60, 60, 30, 34, 5], [112, 80, 35, 40, 6], [180, 100, 40, 45, 8], [240, 120, 40, 50, 8], [300, 120, 50, 50, 10], [375, 150, 50, 50, 10],
        [450, 150, 50, 60, 12], [540, 150, 60, 60, 12], [720, 200, 60, 60, 12], [1000, 200, 70, 70, 15], [1250, 250, 70, 70, 15], [1500, 250, 80, 75, 19],
    ];

    private function __construct(
        /** By which it is sold. */
        public float $litres,
        /** Outside, millimetres. */
        public float $length,
        public float $width,
        public float $height,
        /** The water in it, from below the bottom glass, millimetres. */
        public float $depth,
        /** Millimetres. */
        public float $glass,
    ) {
    }

    /** @return non-empty-list<self> as they are sold where these units are in use, smallest first */
    public static function soldIn(UnitSystem $units): array
    {
        [$sizes, $unit, $volume, $freeboard] = $units === UnitSystem::Us
            ? [self::US, self::INCH, self::US_GALLON, self::INCH_FREEBOARD]
            : [self::METRIC, 10.0, 1.0, self::METRIC_FREEBOARD];

        return array_map(fn (array $size): self => new self(
            $size[0] * $volume, $size[1] * $unit, $size[2] * $unit, $size[3] * $unit, $size[3] * $unit - $freeboard, (float) $size[4],
        ), $sizes);
    }

    public function box(): Box
    {
        return Box::outside($this->length, $this->width, $this->depth, $this->glass);
    }
}
