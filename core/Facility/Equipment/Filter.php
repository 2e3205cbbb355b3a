<?php

declare(strict_types=1);

namespace Biomegas\Facility\Equipment;

/** The media that bacteria live on in a system. */
final readonly class Filter
{
    public function __construct(
        public FilterMedia $media,
        public float $litres,
    ) {
    }

    /** Square metres. */
    public function surface(): float
    {
        return $this->litres * $this->media->surfacePerLitre();
    }
}
