<?php

declare(strict_types=1);

namespace Biomegas\Calendar;

use Biomegas\Refusal;
use InvalidArgumentException;

final class UnreadableDate extends InvalidArgumentException implements Refusal
{
    public static function of(string $text): self
    {
        return new self("\"{$text}\" is not a day of the calendar. Write it as year-month-day, for example 2027-03-01.");
    }
}
