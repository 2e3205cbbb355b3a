<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

enum Outcome: string
{
    case TakeOut = 'take-out';
    case Watch = 'watch';
    case Settled = 'settled';
}
