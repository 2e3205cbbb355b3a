<?php

declare(strict_types=1);

namespace Biomegas\Growth\Projection;

/** Why there is no latest date. */
enum LateMeans: string
{
    /** It may still come after the horizon. */
    case NotWithinHorizon = 'not within horizon';
    /** More than one in ten stay below the limit for life. */
    case StaysBelow = 'stays below';
}
