<?php

declare(strict_types=1);

namespace Biomegas\Measure;

/** Reads a volume as a keeper types it: "75 gal", "284 l", "1.2 m3", or a bare number in the facility's unit. */
final readonly class VolumeReader
{
    public function __construct(private UnitSystem $units)
    {
    }

    /**
     * @return float litres, not below zero
     *
     * @throws UnreadableVolume with a sentence that says what to do
     */
    public function read(string $typed): float
    {
        if (preg_match('/^\s*(?<number>\d+(?:[.,]\d+)?|[.,]\d+)\s*(?<unit>[^\d\s][^,]{0,19})?$/u', $typed, $part) !== 1) {
            throw UnreadableVolume::of($typed);
        }
        $unit = VolumeUnit::fromWord(trim($part['unit'] ?? ''), $this->units) ?? throw UnreadableVolume::becauseTheUnitIsUnknown(trim($part['unit'] ?? ''));

        return (float) str_replace(',', '.', $part['number']) * $unit->litres();
    }
}
