<?php

declare(strict_types=1);

namespace App\Exchange;

use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** CSV as RFC 4180 has it: commas, CRLF, quotes doubled; no value is an empty cell. */
final readonly class Csv
{
    private CsvEncoder $encoder;

    public function __construct()
    {
        $this->encoder = new CsvEncoder([CsvEncoder::NO_HEADERS_KEY => true, CsvEncoder::AS_COLLECTION_KEY => true, CsvEncoder::END_OF_LINE => "\r\n", CsvEncoder::ESCAPE_CHAR_KEY => '']);
    }

    /** @param  list<list<string|int|float|null>>  $rows */
    public function lines(array $rows): string
    {
        return $rows === [] ? '' : $this->encoder->encode(array_map(fn (array $row): array => array_map(self::cell(...), $row), $rows), 'csv');
    }

    private static function cell(string|int|float|null $value): string
    {
        return match (true) {
            $value === null => '',
            // As short as reads back the same.
            is_float($value) => (string) json_encode($value),
            default => (string) $value,
        };
    }
}
