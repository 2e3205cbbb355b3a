<?php

declare(strict_types=1);

namespace Biomegas\Facility\Equipment;

/** What light a system stands in at a time of the day. */
enum LightState: string
{
    /** The hour after the lights come on. */
    case First = 'first';
    case Day = 'day';
    /** Dim or blue, before they go out. */
    case Dim = 'dim';
    case Off = 'off';
}
