<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** What holds the water. */
enum SystemKind: string
{
    case Tank = 'tank';
    case Vat = 'vat';
    case Pond = 'pond';
}
