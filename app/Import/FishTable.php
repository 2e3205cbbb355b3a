<?php

declare(strict_types=1);

namespace App\Import;

use Biomegas\Calendar\DateOrder;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** Fish and lengths as somebody typed or pasted them: a line each, with or without a line of headings. */
final readonly class FishTable
{
    public const MOST_ROWS = 1000;

    private const COLUMNS = ['name', 'species', 'system', 'date', 'length', 'count', 'males', 'females'];

    private const HEADINGS = [
        'name' => 'name', 'fish' => 'name', 'species' => 'species', 'kind' => 'species', 'system' => 'system', 'tank' => 'system', 'home' => 'system', 'pond' => 'system',
        'date' => 'date', 'day' => 'date', 'arrived' => 'date', 'since' => 'date', 'length' => 'length', 'size' => 'length', 'count' => 'count', 'number' => 'count', 'how many' => 'count',
        'males' => 'males', 'male' => 'males', 'females' => 'females', 'female' => 'females',
    ];

    private const LEAST_HEADINGS = 2;

    /** @param  list<array{line: int, name: string, species: string, system: string, date: string, length: string, count: string, males: string, females: string}>  $rows */
    private function __construct(public array $rows)
    {
    }

    /**
     * Tabs, semicolons or commas part the cells, as each line has it: lines come from more than one sheet.
     *
     * @throws InvalidEntry when there are too many rows, or none
     */
    public static function pasted(string $text): self
    {
        $lines = preg_split('/\R/u', rtrim($text)) ?: [];
        $rows = [];
        $columns = self::COLUMNS;
        foreach ($lines as $i => $line) {
            if (trim($line) === '') {
                continue;
            }
            $cells = array_map(trim(...), array_map(strval(...), array_values((array) ((new CsvEncoder)->decode($line, 'csv', [
                CsvEncoder::DELIMITER_KEY => Delimiter::of($line), CsvEncoder::NO_HEADERS_KEY => true, CsvEncoder::AS_COLLECTION_KEY => true,
            ])[0] ?? []))));
            $headings = $rows === [] ? self::headings($cells) : null;
            if ($headings !== null) {
                $columns = $headings;

                continue;
            }
            $rows[] = self::row($i + 1, $columns, $cells);
        }

        return self::of($rows);
    }

    /**
     * @param  list<array<string, mixed>>  $typed  by column
     *
     * @throws InvalidEntry when there are too many rows, or none
     */
    public static function typed(array $typed): self
    {
        return self::of(array_map(fn (array $row, int $i): array => self::row(
            $i + 1, self::COLUMNS, array_map(fn (string $column): string => is_scalar($row[$column] ?? '') ? trim((string) ($row[$column] ?? '')) : '', self::COLUMNS),
        ), $typed, array_keys($typed)));
    }

    /** How its dates are to be read; null when none of them tells. */
    public function dateOrder(): ?DateOrder
    {
        return DateOrder::shownBy(array_column($this->rows, 'date'));
    }

    /**
     * @param  list<array{line: int, name: string, species: string, system: string, date: string, length: string, count: string, males: string, females: string}>  $rows
     *
     * @throws InvalidEntry
     */
    private static function of(array $rows): self
    {
        if ($rows === []) {
            throw InvalidEntry::because('text', Finding::of('import.empty'));
        }
        if (count($rows) > self::MOST_ROWS) {
            throw InvalidEntry::because('text', Finding::of('import.too_many', most: self::MOST_ROWS, there: count($rows)));
        }

        return new self($rows);
    }

    /**
     * @param  list<string>  $cells
     * @return list<string>|null the column of each cell; null when they are no headings
     */
    private static function headings(array $cells): ?array
    {
        $columns = array_map(fn (string $cell): string => self::HEADINGS[strtolower($cell)] ?? '', $cells);

        return count(array_filter($columns)) >= self::LEAST_HEADINGS ? $columns : null;
    }

    /**
     * @param  list<string>  $columns
     * @param  list<string>  $cells
     * @return array{line: int, name: string, species: string, system: string, date: string, length: string, count: string, males: string, females: string}
     */
    private static function row(int $line, array $columns, array $cells): array
    {
        $of = fn (string $column): string => $cells[(int) array_search($column, $columns, true)] ?? '';
        $has = fn (string $column): string => in_array($column, $columns, true) ? $of($column) : '';

        return ['line' => $line, 'name' => $has('name'), 'species' => $has('species'), 'system' => $has('system'), 'date' => $has('date'), 'length' => $has('length'), 'count' => $has('count'), 'males' => $has('males'), 'females' => $has('females')];
    }
}
