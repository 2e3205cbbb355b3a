<?php

declare(strict_types=1);

namespace Biomegas\Picture;

use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

/** Two marks of known distance: a ruler, a tape, the edge of the tank. */
final readonly class KnownSpan
{
    /** Nearer marks say nothing. */
    private const LEAST_PIXELS = 8.0;

    private function __construct(
        public Point $from,
        public Point $to,
        public float $mm,
    ) {
    }

    /**
     * @param  string  $field  to be named when it is refused
     *
     * @throws InvalidEntry when the marks are on one spot, or the distance is none
     */
    public static function of(string $field, Point $from, Point $to, float $mm): self
    {
        if ($from->distanceTo($to) < self::LEAST_PIXELS) {
            throw InvalidEntry::because($field, Finding::of('picture.marks_on_one_spot'));
        }
        if ($mm <= 0) {
            throw InvalidEntry::because($field, Finding::of('picture.no_distance'));
        }

        return new self($from, $to, $mm);
    }

    public function mmPerPixel(): float
    {
        return $this->mm / $this->from->distanceTo($this->to);
    }

    public function moved(float $fromX, float $fromY, float $toX, float $toY): self
    {
        return new self($this->from->moved($fromX, $fromY), $this->to->moved($toX, $toY), $this->mm);
    }
}
