<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

enum Phase: string
{
    case Before = 'before';
    case Catching = 'catching';
    case Carrying = 'carrying';
    case Mixing = 'mixing';
    case Release = 'release';
    case After = 'after';
}
