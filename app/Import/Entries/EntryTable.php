<?php

declare(strict_types=1);

namespace App\Import\Entries;

use App\Import\Delimiter;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** A table of entries as somebody brings it: a line of headings, then a row each. */
final readonly class EntryTable
{
    public const MOST_ROWS = 2000;

    public const MOST_BYTES = 1_000_000;

    private const MOST_COLUMNS = 40;

    /**
     * @param  list<string>  $headings
     * @param  list<list<string>>  $rows  as many cells as headings
     */
    private function __construct(public array $headings, public array $rows)
    {
    }

    /**
     * In UTF-8, or as spreadsheets of Windows write it; tabs, semicolons or commas part the cells.
     *
     * @throws InvalidEntry when there is nothing in it, or too much
     */
    public static function read(string $text): self
    {
        if (strlen($text) > self::MOST_BYTES) {
            throw InvalidEntry::because('text', Finding::of('import.too_long', most: intdiv(self::MOST_BYTES, 1000)));
        }
        $utf8 = preg_replace('/^\x{FEFF}/u', '', mb_check_encoding($text, 'UTF-8') ? $text : mb_convert_encoding($text, 'UTF-8', 'Windows-1252'));
        $first = strtok((string) $utf8, "\r\n") ?: '';
        $lines = trim((string) $utf8) === '' ? [] : (new CsvEncoder)->decode(trim((string) $utf8)."\n", 'csv', [CsvEncoder::DELIMITER_KEY => Delimiter::of($first), CsvEncoder::NO_HEADERS_KEY => true, CsvEncoder::AS_COLLECTION_KEY => true, CsvEncoder::ESCAPE_CHAR_KEY => '']);
        $lines = array_values(array_filter(array_map(fn (array $cells): array => array_map(fn (mixed $cell): string => trim((string) $cell), array_values($cells)), $lines), fn (array $cells): bool => implode('', $cells) !== ''));
        if (count($lines) < 2) {
            throw InvalidEntry::because('text', Finding::of('import.no_rows'));
        }
        if (count($lines) - 1 > self::MOST_ROWS) {
            throw InvalidEntry::because('text', Finding::of('import.too_many', most: self::MOST_ROWS, there: count($lines) - 1));
        }
        $headings = array_slice(array_shift($lines), 0, self::MOST_COLUMNS);

        return new self($headings, array_map(fn (array $cells): array => array_slice(array_pad($cells, count($headings), ''), 0, count($headings)), $lines));
    }

    /** @return list<string> of every row */
    public function column(int $index): array
    {
        return array_column($this->rows, $index);
    }
}
