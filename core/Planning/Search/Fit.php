<?php

declare(strict_types=1);

namespace Biomegas\Planning\Search;

/** For how long a species could live somewhere. */
enum Fit: string
{
    case ForLife = 'for-life';
    case Until = 'until';
    case Not = 'not';
}
