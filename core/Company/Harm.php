<?php

declare(strict_types=1);

namespace Biomegas\Company;

/** What an act left behind on its target. Sparring without harm is no reason to part fish; harm is. */
enum Harm: string
{
    case None = 'none';
    case TornFin = 'torn-fin';
    case LostScales = 'lost-scales';
    case HurtEye = 'hurt-eye';
    case Wound = 'wound';
    case Hiding = 'hiding';
    case NotEating = 'not-eating';
    case Death = 'death';
}
