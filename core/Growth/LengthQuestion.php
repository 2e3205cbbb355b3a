<?php

declare(strict_types=1);

namespace Biomegas\Growth;

/** Why a length is asked about before it is kept. */
enum LengthQuestion: string
{
    case Shrunk = 'shrunk';
    case Jumped = 'jumped';
    case FallsShort = 'falls-short';
}
