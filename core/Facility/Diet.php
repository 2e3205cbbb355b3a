<?php

declare(strict_types=1);

namespace Biomegas\Facility;

enum Diet: string
{
    case Grazer = 'grazer';
    case Omnivore = 'omnivore';
    case Meat = 'meat';
    case Shell = 'shell';
    case Plankton = 'plankton';
}
