<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;

final readonly class StockEntry
{
    /** @throws InvalidEntry when so much cannot be meant */
    public function __construct(
        public LocalDate $date,
        public StockEntryKind $kind,
        /** In the unit of the food; of an opening, null. */
        public ?float $amount = null,
    ) {
        if ($kind === StockEntryKind::Opened) {
            return;
        }
        if ($amount === null) {
            throw InvalidEntry::because('amount', Finding::of('food.amount_missing'));
        }
        // What was counted may be gone; nothing is bought or thrown away by less than nothing.
        if ($amount < 0.0 || ($amount === 0.0 && $kind !== StockEntryKind::Counted)) {
            throw InvalidEntry::because('amount', Finding::of('food.amount_too_small'));
        }
    }
}
