<?php

declare(strict_types=1);

namespace App\Bench\Calibration;

use Symfony\Component\Serializer\Encoder\CsvEncoder;

/**
 * Real animals and plants measured again and again, with time and size scaled
 * to those of a fish: weights by their cube root. Sources and licence:
 * series/README.md.
 */
enum MeasuredSeries: string
{
    case ChicksOnDietOne = 'chicks-diet-1';
    case ChicksOnOtherDiets = 'chicks-other-diets';
    case Loblolly = 'loblolly';
    case Orange = 'orange';
    case Rats = 'rats';
    case Soybean = 'soybean';

    private const LEAST_LENGTHS = 6;

    /** @return array<string, non-empty-list<array{float, float}>> by animal day and millimetres, in order */
    public function lengths(): array
    {
        [$daysPerUnit, $power, $scale] = $this->scale();
        $animals = [];
        $rows = (new CsvEncoder)->decode((string) file_get_contents(__DIR__."/series/{$this->value}.csv"), 'csv', [CsvEncoder::AS_COLLECTION_KEY => true]);
        foreach ($rows as $row) {
            $animals['animal '.$row['animal']][] = [$daysPerUnit * (float) $row['time'], $scale * (float) $row['size'] ** $power];
        }

        return array_filter($animals, fn (array $lengths): bool => count($lengths) >= self::LEAST_LENGTHS);
    }

    /** @return array{float, float, float} days for each unit of time, power of the size, millimetres for each unit of that */
    private function scale(): array
    {
        return match ($this) {
            self::ChicksOnDietOne, self::ChicksOnOtherDiets => [30.0, 1 / 3, 40.0],
            self::Loblolly => [12.0, 1.0, 5.0],
            self::Orange => [1.0, 1.0, 2.0],
            self::Rats => [10.0, 1 / 3, 30.0],
            self::Soybean => [10.0, 1 / 3, 100.0],
        };
    }
}
