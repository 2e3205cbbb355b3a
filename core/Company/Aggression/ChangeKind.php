<?php

declare(strict_types=1);

namespace Biomegas\Company\Aggression;

/** What changed in a home and may have stirred or calmed those that live there. */
enum ChangeKind: string
{
    case CameIn = 'came-in';
    case CameBack = 'came-back';
    case WentOut = 'went-out';
    case TimeOut = 'time-out';
    case WaterChange = 'water-change';
    case Intervention = 'intervention';
}
