<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Numerics\PackedFloats;

/** The band of one fish in one lane. Holds its points as packed numbers: a plan that is kept has many thousand of them. */
final readonly class LaneStay
{
    private const OF_A_POINT = 5;

    private function __construct(
        /** Key of the fish. */
        public string $fish,
        public string $name,
        public int $count,
        /** Key of the system. */
        public string $system,
        public LocalDate $from,
        /** The first day on which it is not there any more; null: as far as is looked. */
        public ?LocalDate $until,
        /** Of each point the days since its beginning; low, likely and high; the length. */
        private string $packed,
    ) {
    }

    /**
     * @param  string  $system  key
     * @param  LocalDate|null  $until  as above
     * @param  non-empty-list<LanePoint>  $points  by day
     */
    public static function of(Fish $fish, string $system, LocalDate $from, ?LocalDate $until, array $points): self
    {
        $numbers = array_map(fn (LanePoint $point): array => [$from->daysUntil($point->date), $point->low, $point->likely, $point->high, $point->length], $points);

        return new self($fish->key, $fish->name, $fish->count, $system, $from, $until, PackedFloats::of(array_merge(...$numbers)));
    }

    /** @return non-empty-list<array{int, float, float, float, float}> by day: days since the day that is given; low, likely and high; the length */
    public function pointsSince(LocalDate $day): array
    {
        $before = $day->daysUntil($this->from);
        $points = [];
        /** @var non-empty-list<array{float, float, float, float, float}> $numbers */
        $numbers = array_chunk(PackedFloats::read($this->packed), self::OF_A_POINT);
        foreach ($numbers as [$days, $low, $likely, $high, $length]) {
            $points[] = [$before + (int) $days, $low, $likely, $high, $length];
        }

        return $points;
    }
}
