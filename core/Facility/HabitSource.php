<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** How one knows what a system is fed. */
enum HabitSource: string
{
    /** Written down, meal by meal, over the last weeks. */
    case Recorded = 'recorded';
    case Planned = 'planned';
}
