<?php

declare(strict_types=1);

namespace Biomegas\Rulebook;

/** How many fish share a floor, as different keepers see it. */
enum FloorMethod: string
{
    case Roomy = 'roomy';
    /** On purpose, so that nobody can hold a territory. */
    case Crowded = 'crowded';
}
