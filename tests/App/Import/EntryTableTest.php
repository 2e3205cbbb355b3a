<?php

declare(strict_types=1);

namespace Tests\App\Import;

use App\Import\Entries\EntryTable;
use App\Import\Entries\ImportKind;
use App\Import\Entries\Reading;
use App\Import\Entries\ReadingGuess;
use Biomegas\Calendar\DateOrder;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Measure\LengthUnit;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use Illuminate\Foundation\Testing\TestCase;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Api\DemoDatabase;

/** How a table is taken apart, and how it is guessed to be read. */
final class EntryTableTest extends TestCase
{
    /** @return iterable<string, array{string, list<list<string>>}> */
    public static function tables(): iterable
    {
        yield 'commas' => ["a,b\n1,2\n", [['a', 'b'], ['1', '2']]];
        yield 'semicolons, with commas in numbers' => ["a;b\n1,5;2,5\n", [['a', 'b'], ['1,5', '2,5']]];
        yield 'tabs, with both' => ["a\tb\n1,5\t2;5\n", [['a', 'b'], ['1,5', '2;5']]];
        yield 'quotes, a line break and doubled quotes' => ["a,b\n\"one, \"\"two\"\"\nthree\",4\n", [['a', 'b'], ["one, \"two\"\nthree", '4']]];
        yield 'lines of Windows, and a mark at the beginning' => ["\u{FEFF}a,b\r\n1,2\r\n", [['a', 'b'], ['1', '2']]];
        yield 'old letters' => [mb_convert_encoding("naïve,b\nÄ,2", 'Windows-1252', 'UTF-8'), [['naïve', 'b'], ['Ä', '2']]];
        yield 'empty lines and spaces' => ["a,b\n\n 1 , 2 \n,\n", [['a', 'b'], ['1', '2']]];
        yield 'too few and too many cells' => ["a,b\n1\n1,2,3\n", [['a', 'b'], ['1', ''], ['1', '2']]];
    }

    /** @param  list<list<string>>  $expected */
    #[DataProvider('tables')]
    public function test_a_table_is_taken_apart(string $text, array $expected): void
    {
        $table = EntryTable::read($text);
        $this->assertSame($expected, [$table->headings, ...$table->rows]);
    }

    public function test_what_is_none_or_too_large_is_refused(): void
    {
        foreach (['', "\n\n", 'a,b', str_repeat('x', EntryTable::MOST_BYTES + 1), "a\n".str_repeat("1\n", EntryTable::MOST_ROWS + 1)] as $text) {
            try {
                EntryTable::read($text);
                $this->fail('it was read');
            } catch (InvalidEntry $e) {
                $this->assertSame('text', $e->field);
            }
        }
        $this->assertCount(EntryTable::MOST_ROWS, EntryTable::read("a\n".str_repeat("1\n", EntryTable::MOST_ROWS))->rows);
    }

    /** @return iterable<string, array{ImportKind, string, array<string, int>}> */
    public static function headings(): iterable
    {
        yield 'plain words' => [ImportKind::Lengths, 'Fish,Date,Length,Method', ['fish' => 0, 'date' => 1, 'length' => 2, 'method' => 3]];
        yield 'with units' => [ImportKind::Lengths, 'who,day,TL (cm)', ['fish' => 0, 'date' => 1, 'length' => 2]];
        yield 'a word that ends like a unit' => [ImportKind::Tests, 'system,date,pH', ['system' => 0, 'date' => 1, 'ph' => 2]];
        yield 'substances by their formulas' => [ImportKind::Tests, 'Tank,When,Temp °F,NH3,NO2 mg/l,NO3 (ppm),KH dKH', ['system' => 0, 'date' => 1, 'temperature_c' => 2, 'ammonia_mg_l' => 3, 'nitrite_mg_l' => 4, 'nitrate_mg_l' => 5, 'kh_dkh' => 6]];
        yield 'as they go out' => [ImportKind::Tests, 'system,date,temperature_c,ph,ammonia_mg_l,note', ['system' => 0, 'date' => 1, 'temperature_c' => 2, 'ph' => 3, 'ammonia_mg_l' => 4, 'note' => 5]];
        yield 'in any order, with others between' => [ImportKind::Moves, 'id,To,Weather,Fish,Date', ['fish' => 3, 'date' => 4, 'to' => 1]];
        yield 'none that is known' => [ImportKind::Counts, 'A,B,C', []];
    }

    /** @param  array<string, int>  $expected */
    #[DataProvider('headings')]
    public function test_columns_are_found_by_their_headings(ImportKind $kind, string $line, array $expected): void
    {
        DemoDatabase::use(isFilled: false);
        $found = ReadingGuess::of($kind, EntryTable::read("{$line}\n1\n"), Units::of(UnitSystem::Metric))->columns;
        ksort($found);
        ksort($expected);
        $this->assertSame($expected, $found);
    }

    public function test_what_cannot_be_told_is_as_is_usual_here(): void
    {
        DemoDatabase::use(isFilled: true);
        $of = fn (string $text, UnitSystem $units): Reading => ReadingGuess::of(ImportKind::Lengths, EntryTable::read($text), Units::of($units));
        $open = "fish,date,length\nBramble,3/4/2026,13\n";

        $this->assertSame([DateOrder::DayFirst, LengthUnit::Centimetre], [$of($open, UnitSystem::Metric)->dates, $of($open, UnitSystem::Metric)->lengths]);
        $this->assertSame([DateOrder::MonthFirst, LengthUnit::Inch], [$of($open, UnitSystem::Us)->dates, $of($open, UnitSystem::Us)->lengths]);
        $this->assertSame(LengthUnit::Millimetre, $of("fish,date,length\nBramble,3/4/2026,340\n", UnitSystem::Us)->lengths, 'no fish of its kind is 340 in long');
        $this->assertSame(LengthUnit::Millimetre, $of("fish,date,length (mm)\nBramble,3/4/2026,13\n", UnitSystem::Us)->lengths, 'the heading says so');
        $reading = $of($open, UnitSystem::Us);
        $this->assertEquals($reading, Reading::fromArray($reading->toArray()));
    }
}
