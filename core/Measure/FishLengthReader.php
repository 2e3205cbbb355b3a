<?php

declare(strict_types=1);

namespace Biomegas\Measure;

/**
 * Reads the length of a fish as a keeper types it: "9.5 in", "9 1/2\"",
 * "1' 2\"", "24cm", "240 mm", "9½", or a bare number in the facility's unit.
 */
final readonly class FishLengthReader
{
    /** Just hatched; anything less is a slip of the unit. */
    private const SHORTEST_MM = 1.0;

    /** Longer than any fish kept in a tank, vat or pond; anything more is a slip of the unit. */
    private const LONGEST_MM = 6000.0;

    public function __construct(private UnitSystem $units)
    {
    }

    /** @throws UnreadableLength with a sentence that says what to do */
    public function read(string $typed): Length
    {
        $millimetres = (new LengthReader($this->units))->read($typed);
        $length = Length::ofMillimetres($millimetres);
        if ($millimetres < self::SHORTEST_MM) {
            throw UnreadableLength::becauseNoFishIsThatSmall($length);
        }
        if ($millimetres > self::LONGEST_MM) {
            throw UnreadableLength::becauseNoFishIsThatLong($length);
        }

        return $length;
    }
}
