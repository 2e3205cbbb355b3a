<?php

declare(strict_types=1);

namespace Biomegas\Facility\Equipment;

use Biomegas\Facility\Description\ImpossiblePicture;

/** When the lights of a system change, in minutes after midnight. */
final readonly class LightSchedule
{
    /** So long the coming of the light still stirs them: common practice, no published source. */
    private const FIRST_MINUTES = 60;

    private function __construct(
        public int $on,
        /** Null: they go out at once. */
        public ?int $dim,
        public int $off,
        /** Daylight reaches it too. */
        public bool $hasWindow,
    ) {
    }

    /**
     * @param  string|null  $dim  from when the light is dim or blue
     *
     * @throws ImpossiblePicture when the times are not in order
     */
    public static function of(string $on, ?string $dim, string $off, bool $hasWindow): self
    {
        $dimAt = $dim === null ? null : self::minute($dim);
        if (self::minute($on) >= ($dimAt ?? self::minute($off)) || ($dimAt !== null && $dimAt >= self::minute($off))) {
            throw ImpossiblePicture::becauseTheLightsAreOutOfOrder();
        }

        return new self(self::minute($on), $dimAt, self::minute($off), $hasWindow);
    }

    /** @param  int  $minute  after midnight */
    public function stateAt(int $minute): LightState
    {
        return match (true) {
            $minute < $this->on, $minute >= $this->off => LightState::Off,
            $this->dim !== null && $minute >= $this->dim => LightState::Dim,
            $minute < $this->on + self::FIRST_MINUTES => LightState::First,
            default => LightState::Day,
        };
    }

    /** @param  string  $time  HH:MM */
    private static function minute(string $time): int
    {
        return 60 * (int) substr($time, 0, 2) + (int) substr($time, 3, 2);
    }
}
