<?php

declare(strict_types=1);

namespace Biomegas\Planning\Plan;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;

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

        return new self($fish->key, $fish->name, $fish->count, $system, $from, $until, pack('e*', ...array_merge(...$numbers)));
    }

    /** @return list<LanePoint> by day, at least one */
    public function points(): array
    {
        /** @var list<float> $numbers */
        $numbers = array_values((array) unpack('e*', $this->packed));

        return array_map(fn (array $point): LanePoint => new LanePoint($this->from->plusDays((int) $point[0]), $point[1], $point[2], $point[3], $point[4]), array_chunk($numbers, self::OF_A_POINT));
    }
}
