<?php

declare(strict_types=1);

namespace Biomegas\Housing\Size;

/** The greatest length at which a fish still fits a home, and what stops it there. */
final readonly class HomeLimit
{
    public function __construct(
        public float $millimetres,
        public SizeRule $binding,
    ) {
    }
}
