<?php

declare(strict_types=1);

namespace Biomegas\Picture;

/** What one cause adds to the error of a length. */
final readonly class ErrorShare
{
    public function __construct(
        public ErrorCause $cause,
        /** Relative standard error that it makes alone. */
        public float $error,
        /** Of the variance: all shares are 1 together. */
        public float $share,
    ) {
    }
}
