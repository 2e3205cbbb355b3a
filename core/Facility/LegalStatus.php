<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/** What law or conservation has to say of a species somewhere; where, its keeper must ask. */
enum LegalStatus: string
{
    case Endangered = 'endangered';
    case Protected = 'protected';
    case Invasive = 'invasive';
}
