<?php

declare(strict_types=1);

namespace Biomegas\Facility\Equipment;

use Biomegas\Facility\Description\ImpossiblePicture;

/** When the lights of a system change, in minutes after midnight. */
final readonly class LightSchedule
{
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

    /** @param  string  $time  HH:MM */
    private static function minute(string $time): int
    {
        return 60 * (int) substr($time, 0, 2) + (int) substr($time, 3, 2);
    }
}
