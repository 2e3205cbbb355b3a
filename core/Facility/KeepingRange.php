<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** The water temperatures in which a kind may be kept, in °C. Wider or narrower than its growth points. */
final readonly class KeepingRange
{
    public function __construct(
        public float $low,
        public float $high,
    ) {
    }
}
