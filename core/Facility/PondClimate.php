<?php

declare(strict_types=1);

namespace Biomegas\Facility;

/**
 * The water of a small pond through the year where nobody has measured it yet:
 * a beginning, to be replaced by what a thermometer shows. Our judgement, no
 * published source.
 */
enum PondClimate: string
{
    case ColdWinters = 'cold-winters';
    case MildBySea = 'mild-by-the-sea';
    case WarmSummers = 'warm-summers';
    case Subtropical = 'subtropical';
    case Tropical = 'tropical';

    /** @return non-empty-list<float> °C, the means from January to December north of the equator */
    public function northern(): array
    {
        return match ($this) {
            self::ColdWinters => [3.0, 3.0, 5.0, 9.0, 15.0, 19.0, 22.0, 21.0, 17.0, 11.0, 7.0, 4.0],
            self::MildBySea => [5.0, 5.0, 7.0, 11.0, 15.0, 18.0, 20.0, 20.0, 17.0, 12.0, 8.0, 6.0],
            self::WarmSummers => [10.0, 10.0, 13.0, 16.0, 20.0, 24.0, 27.0, 27.0, 24.0, 19.0, 14.0, 11.0],
            self::Subtropical => [15.0, 16.0, 19.0, 22.0, 26.0, 28.0, 29.0, 29.0, 28.0, 24.0, 20.0, 16.0],
            self::Tropical => [25.0, 25.0, 26.0, 27.0, 28.0, 28.0, 28.0, 28.0, 28.0, 27.0, 26.0, 25.0],
        };
    }

    /** @return non-empty-list<float> °C, from January to December south of the equator: half a year later */
    public function southern(): array
    {
        $months = $this->northern();

        return [...array_slice($months, 6), ...array_slice($months, 0, 6)];
    }
}
