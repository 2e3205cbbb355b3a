<?php

declare(strict_types=1);

namespace Biomegas\Measure;

/** Reads what a pump moves as a keeper types it: "950 l/h", "250 gph", "16 l/min", or a bare number in the facility's unit an hour. */
final readonly class FlowReader
{
    private const MINUTES_PER_HOUR = 60;

    private const AN_HOUR = '/\s*(?:\/\s*(?:h|hr|hour)|\s(?:an|per) hour)\s*$/iu';

    private const A_MINUTE = '/\s*(?:\/\s*(?:min|minute)|\s(?:a|per) minute)\s*$/iu';

    /** Words that hold the time in themselves, and the volume that they mean. */
    private const SHORT = ['gph' => ['gal', 1], 'lph' => ['l', 1], 'gpm' => ['gal', self::MINUTES_PER_HOUR], 'lpm' => ['l', self::MINUTES_PER_HOUR]];

    private VolumeReader $volumes;

    public function __construct(UnitSystem $units)
    {
        $this->volumes = new VolumeReader($units);
    }

    /**
     * @return float litres an hour, not below zero
     *
     * @throws UnreadableVolume with a sentence that says what to do
     */
    public function read(string $typed): float
    {
        foreach (self::SHORT as $word => [$unit, $times]) {
            if (preg_match("/^(?<number>.*\d)\s*{$word}\s*$/iu", $typed, $part) === 1) {
                return $times * $this->volumes->read("{$part['number']} {$unit}");
            }
        }

        return preg_match(self::A_MINUTE, $typed) === 1
            ? self::MINUTES_PER_HOUR * $this->volumes->read((string) preg_replace(self::A_MINUTE, '', $typed))
            : $this->volumes->read((string) preg_replace(self::AN_HOUR, '', $typed));
    }
}
