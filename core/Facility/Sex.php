<?php

declare(strict_types=1);

namespace Biomegas\Facility;

enum Sex: string
{
    case Male = 'male';
    case Female = 'female';
}
