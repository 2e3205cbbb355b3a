<?php

declare(strict_types=1);

namespace Biomegas\Food;

/** What happens to a food besides being fed. */
enum StockEntryKind: string
{
    case Bought = 'bought';
    /** What is left was counted or weighed. */
    case Counted = 'counted';
    /** A new pack was opened. */
    case Opened = 'opened';
    case Discarded = 'discarded';
}
