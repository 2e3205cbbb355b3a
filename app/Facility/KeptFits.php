<?php

declare(strict_types=1);

namespace App\Facility;

use Biomegas\Growth\Fit\FitMemory;
use Closure;

/** What the lengths of fish say, kept among the answers whatever day it is and whatever changes besides. */
final readonly class KeptFits implements FitMemory
{
    public function __construct(private ProjectionCache $answers)
    {
    }

    public function recall(string $what, string $of, array $restsOn, Closure $find): object
    {
        return $this->answers->restingOn(
            ProjectionCache::LASTING.'fits',
            $what,
            [$of],
            fn (): array => [$find(), ''],
            fn (): string => hash('xxh128', serialize($restsOn)),
        );
    }
}
