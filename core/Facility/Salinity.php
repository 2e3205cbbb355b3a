<?php

declare(strict_types=1);

namespace Biomegas\Facility;

enum Salinity: string
{
    case Fresh = 'fresh';
    case Brackish = 'brackish';
    case Marine = 'marine';
}
