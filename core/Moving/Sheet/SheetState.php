<?php

declare(strict_types=1);

namespace Biomegas\Moving\Sheet;

enum SheetState: string
{
    case Planned = 'planned';
    case Begun = 'begun';
    case Finished = 'finished';
    case Cancelled = 'cancelled';

    public function isOpen(): bool
    {
        return $this === self::Planned || $this === self::Begun;
    }
}
