<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

enum RoundState: string
{
    case Done = 'done';
    case Missed = 'missed';
    case Due = 'due';
    case ToCome = 'to-come';
}
