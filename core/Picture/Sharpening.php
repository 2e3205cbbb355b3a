<?php

declare(strict_types=1);

namespace Biomegas\Picture;

/** What would make the next length from a picture surer, and by how much. */
final readonly class Sharpening
{
    public function __construct(
        public ErrorCause $cause,
        /** Relative standard error that is left then. */
        public float $error,
    ) {
    }
}
