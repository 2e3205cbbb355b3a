<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

/** What is done against chasing, mildest first. Common practice, no published source. */
enum Intervention: string
{
    case LightsOff = 'lights-off';
    case Distract = 'distract';
    case MoveDecor = 'move-decor';
    case RefugeNet = 'refuge-net';
    case Divider = 'divider';
    case TakeOutVictim = 'take-out-victim';
    case TakeOutBully = 'take-out-bully';
}
