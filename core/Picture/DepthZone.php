<?php

declare(strict_types=1);

namespace Biomegas\Picture;

/** Where between the pane and the wall behind it a fish swims; seen from above: between surface and bottom. */
enum DepthZone: string
{
    case Near = 'near';
    case Middle = 'middle';
    case Back = 'back';
    case Unknown = 'unknown';
}
