<?php

declare(strict_types=1);

namespace Biomegas\Water\Load;

use Biomegas\Facility\SystemKind;

/** How often an hour all water should pass the filter. Common practice, no published source. */
final readonly class TurnoverNeed
{
    private function __construct(
        public float $least,
        public float $most,
    ) {
    }

    public static function of(SystemKind $kind): self
    {
        return match ($kind) {
            SystemKind::Tank => new self(5.0, 6.0),
            SystemKind::Vat => new self(2.0, 3.0),
            SystemKind::Pond => new self(0.5, 1.0),
        };
    }
}
