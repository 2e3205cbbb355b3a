<?php

declare(strict_types=1);

namespace Biomegas\Planning\HomesAhead;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Growth\Projection\GrowthProjection;
use Biomegas\Growth\Projection\LengthBand;

/** The lengths of a fish month by month until the horizon: small enough to be kept, and all that others in a home need to know of it. */
final readonly class LengthsAhead
{
    private const STEP_DAYS = 30;

    /**
     * Plain numbers, since many of these are kept.
     *
     * @param  non-empty-list<array{float, float, float}>  $lengths  low, likely and high in millimetres, every step from the first day on
     */
    private function __construct(
        private LocalDate $from,
        private array $lengths,
    ) {
    }

    public static function of(Facility $facility, GrowthProjection $growth): self
    {
        return new self($facility->date, array_map(function (int $step) use ($facility, $growth): array {
            $band = $growth->lengthOn($facility->date->plusDays($step * self::STEP_DAYS));

            return [$band->low, $band->likely, $band->high];
        }, range(0, (int) ceil($facility->horizonDays / self::STEP_DAYS))));
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
        $last = count($this->lengths) - 1;

        return $before >= $last
            ? new LengthBand(...$this->lengths[$last])
            : (new LengthBand(...$this->lengths[$before]))->toward(new LengthBand(...$this->lengths[$before + 1]), $steps - $before);
    }
}
