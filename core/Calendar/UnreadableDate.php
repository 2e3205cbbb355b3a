<?php

declare(strict_types=1);

namespace Biomegas\Calendar;

use Biomegas\Finding\CarriesFinding;
use Biomegas\Finding\Finding;
use Biomegas\Finding\Refusal;
use InvalidArgumentException;

/** A text that is no day of the calendar. */
final class UnreadableDate extends InvalidArgumentException implements Refusal
{
    use CarriesFinding;

    public static function of(string $text): self
    {
        return new self(Finding::of('calendar.unreadable', typed: $text));
    }
}
