<?php

declare(strict_types=1);

namespace Tests\App\Exchange;

use App\Exchange\Csv;
use PHPUnit\Framework\TestCase;

/** RFC 4180, "Common Format and MIME Type for Comma-Separated Values (CSV) Files", section 2. */
final class CsvTest extends TestCase
{
    public function test_the_examples_of_the_standard(): void
    {
        $csv = new Csv;
        $this->assertSame("aaa,bbb,ccc\r\nzzz,yyy,xxx\r\n", $csv->lines([['aaa', 'bbb', 'ccc'], ['zzz', 'yyy', 'xxx']]), 'rule 1: CRLF ends each line');
        $this->assertSame("aaa,\"b\r\nbb\",ccc\r\n", $csv->lines([['aaa', "b\r\nbb", 'ccc']]), 'rule 6: line breaks in quotes');
        $this->assertSame("aaa,\"b\"\"bb\",ccc\r\n", $csv->lines([['aaa', 'b"bb', 'ccc']]), 'rule 7: quotes are doubled');
        $this->assertSame("\"a,a\",b\r\n", $csv->lines([['a,a', 'b']]));
    }

    public function test_no_value_is_an_empty_cell_and_numbers_read_back_the_same(): void
    {
        $csv = new Csv;
        $this->assertSame(",0,1\r\n", $csv->lines([[null, 0, 1]]));
        foreach ([0.1, 1 / 3, 1e-9, 123456.789, 5.0, -0.25] as $number) {
            $this->assertSame($number, (float) rtrim($csv->lines([[$number]])));
        }
        $this->assertSame("0.1\r\n", $csv->lines([[0.1]]), 'as short as that');
        $this->assertSame('', $csv->lines([]));
    }

    public function test_a_backslash_is_a_letter_like_any_other(): void
    {
        $this->assertSame("\"\\\"\"\",b\r\n", (new Csv)->lines([['\\"', 'b']]));
    }
}
