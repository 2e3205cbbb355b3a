<?php

declare(strict_types=1);

namespace Biomegas\Food;

use Biomegas\Calendar\LocalDate;

/** What was fed of a food, as far as its stock is judged by it; in its unit. */
final readonly class FoodUse
{
    /** Use is taken from what was fed over so many weeks. */
    private const WEEKS = 4;

    /**
     * @param  float  $since  all that was fed after the day from which its stock is known
     * @param  array<string, float>  $lately  by day: on those that tell how it is used
     * @param  bool  $isFed  it was fed at all, as far back as is looked
     */
    public function __construct(
        public float $since = 0.0,
        public array $lately = [],
        public bool $isFed = false,
    ) {
    }

    /** @return array{LocalDate, LocalDate} the first and the last day that tell how a food is used: today is not over */
    public static function daysOfUse(LocalDate $today): array
    {
        return [$today->plusDays(-self::WEEKS * LocalDate::DAYS_PER_WEEK), $today->plusDays(-1)];
    }
}
