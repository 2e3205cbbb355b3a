<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

/** What company a home offers: an empty one is thought of first, one with doubtful company last. */
enum CompanyRank: int
{
    case Nobody = 0;
    case Peaceful = 1;
    case Doubtful = 2;
}
