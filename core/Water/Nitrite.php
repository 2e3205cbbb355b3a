<?php

declare(strict_types=1);

namespace Biomegas\Water;

/** From when on nitrite is minded and harms, mg/l of the ion as test kits show it. Common practice, no published source. */
final readonly class Nitrite
{
    public const CAUTION = 0.3;

    public const HARM = 1.0;
}
