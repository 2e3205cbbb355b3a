<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Numerics\PackedFloats;

/** The lengths of a fish month by month until the horizon: small enough to be kept, and all that others in a home need to know of it. */
final class LengthsAhead
{
    private const STEP_DAYS = 30;

    private const OF_A_STEP = 3;

    /** @var list<float>|null low, likely and high in millimetres, every step from the first day on; once they are asked for */
    private ?array $lengths = null;

    /** @param  string  $packed  the same, since many of these are kept */
    private function __construct(
        private readonly LocalDate $from,
        private readonly string $packed,
    ) {
    }

    public static function of(Facility $facility, GrowthProjection $growth): self
    {
        $lengths = [];
        for ($step = 0; $step <= (int) ceil($facility->horizonDays / self::STEP_DAYS); $step++) {
            $band = $growth->lengthOn($facility->date->plusDays($step * self::STEP_DAYS));
            array_push($lengths, $band->low, $band->likely, $band->high);
        }

        return new self($facility->date, PackedFloats::of($lengths));
    }

    /** @return array{LocalDate, string} */
    public function __serialize(): array
    {
        return [$this->from, $this->packed];
    }

    /** @param  array{LocalDate, string}  $kept */
    public function __unserialize(array $kept): void
    {
        [$this->from, $this->packed] = $kept;
    }

    /** @return list<float> */
    private function lengths(): array
    {
        return $this->lengths ??= PackedFloats::read($this->packed);
    }

    /** The likely length, millimetres. */
    public function on(LocalDate $date): float
    {
        return $this->bandOn($date)->likely;
    }

    /** Between the months in a straight line; beyond the horizon as at its end. */
    public function bandOn(LocalDate $date): LengthBand
    {
        $steps = max(0, $this->from->daysUntil($date)) / self::STEP_DAYS;
        $before = (int) floor($steps);
        $last = intdiv(count($this->lengths()), self::OF_A_STEP) - 1;

        return $before >= $last ? $this->bandAt($last) : $this->bandAt($before)->toward($this->bandAt($before + 1), $steps - $before);
    }

    private function bandAt(int $step): LengthBand
    {
        $lengths = $this->lengths();
        $first = self::OF_A_STEP * $step;

        return new LengthBand($lengths[$first], $lengths[$first + 1], $lengths[$first + 2]);
    }
}
