<?php

declare(strict_types=1);

namespace App\Scenario;

use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\UnreadableDate;
use Biomegas\Finding\Finding;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/**
 * Ages and lengths from a CSV file whose header is age,length (any units) or
 * date,length_mm (the age is then years since the first date).
 */
final readonly class LengthTable
{
    /**
     * @param  list<float>  $ages
     * @param  list<float>  $lengths
     */
    private function __construct(
        public array $ages,
        public array $lengths,
    ) {
    }

    /** @throws InvalidDocument naming the line */
    public static function read(string $text, string $file): self
    {
        $rows = (new CsvEncoder)->decode(ltrim($text, "\u{FEFF}"), 'csv', [CsvEncoder::AS_COLLECTION_KEY => true]);
        $header = array_map(strval(...), array_keys($rows[0] ?? []));
        if (array_slice($header, 0, 2) === ['age', 'length']) {
            return new self(self::numbers($rows, 'age', $file), self::numbers($rows, 'length', $file));
        }
        if (array_slice($header, 0, 2) === ['date', 'length_mm']) {
            return new self(self::agesFromDates($rows, $file), self::numbers($rows, 'length_mm', $file));
        }

        throw InvalidDocument::at("{$file}, line 1", Finding::of('document.table_header'));
    }

    /**
     * @param  list<array<string, string|null>>  $rows
     * @return list<float>
     */
    private static function numbers(array $rows, string $column, string $file): array
    {
        $numbers = [];
        foreach ($rows as $i => $row) {
            $cell = trim((string) ($row[$column] ?? ''));
            if (! is_numeric($cell)) {
                throw InvalidDocument::at($file.', line '.($i + 2), Finding::of('document.cell', column: $column, cell: $cell));
            }
            $numbers[] = (float) $cell;
        }

        return $numbers;
    }

    /**
     * @param  list<array<string, string|null>>  $rows
     * @return list<float>
     */
    private static function agesFromDates(array $rows, string $file): array
    {
        $dates = [];
        foreach ($rows as $i => $row) {
            try {
                $dates[] = LocalDate::fromIso(trim((string) ($row['date'] ?? '')));
            } catch (UnreadableDate $e) {
                throw InvalidDocument::at($file.', line '.($i + 2), $e->finding());
            }
        }
        $first = array_reduce($dates, fn (?LocalDate $first, LocalDate $day): LocalDate => $first === null || $day->isBefore($first) ? $day : $first);

        return array_map(fn (LocalDate $date): float => $first === null ? 0.0 : $first->daysUntil($date) / LocalDate::DAYS_PER_YEAR, $dates);
    }
}
