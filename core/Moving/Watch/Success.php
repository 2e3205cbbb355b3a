<?php

declare(strict_types=1);

namespace Biomegas\Moving\Watch;

enum Success: string
{
    case OnlyWhileIStood = 'only-while-i-stood';
    case Lasted = 'lasted';
    case No = 'no';
}
