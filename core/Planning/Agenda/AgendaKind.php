<?php

declare(strict_types=1);

namespace Biomegas\Planning\Agenda;

enum AgendaKind: string
{
    case Measure = 'measure';
    case Watch = 'watch';
    case Move = 'move';
    /** An interim stay that should have ended. */
    case Interim = 'interim';
    case Quarantine = 'quarantine';
    case Preparation = 'preparation';
    case Test = 'test';
}
