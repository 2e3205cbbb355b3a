<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use Biomegas\Measure\LengthReader;
use Biomegas\Measure\UnitSystem;
use Biomegas\Measure\UnreadableLength;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Any length as it is typed: of fish, tanks and depths. */
final class LengthReaderTest extends TestCase
{
    /** @return iterable<string, array{string, float, 2?: UnitSystem}> */
    public static function lengths(): iterable
    {
        // The inch is exactly 25.4 mm (international yard and pound agreement, 1959).
        $inch = 25.4;
        yield 'bare, metric' => ['48', 480.0];
        yield 'bare, in inches' => ['48', 48 * $inch, UnitSystem::Us];
        yield 'a comma' => ['1,25 m', 1250.0];
        yield 'no leading zero' => ['.75m', 750.0];
        yield 'glued unit' => ['48in', 48 * $inch];
        yield 'a spelt unit' => ['18 Inches', 18 * $inch];
        yield 'a spelt unit, American' => ['30 centimeters', 300.0];
        yield 'a fraction' => ['3/8"', 0.375 * $inch];
        yield 'a whole and a fraction' => ['20 3/4 in', 20.75 * $inch];
        yield 'a vulgar fraction' => ['20¾"', 20.75 * $inch];
        yield 'an eighth' => ['7⅛ in', 7.125 * $inch];
        yield 'feet alone' => ['6 ft', 72 * $inch];
        yield 'feet and inches in marks' => ['6\' 2"', 74 * $inch];
        yield 'in typographic marks' => ['6′ 2″', 74 * $inch];
        yield 'with a fraction of an inch' => ['4 ft 6 1/2 in', 54.5 * $inch];
        yield 'inches left unsaid after feet' => ['4 feet 6', 54 * $inch];
        yield 'a pond' => ['12 m', 12000.0];
        yield 'a needle' => ['0.4 mm', 0.4];
    }

    #[DataProvider('lengths')]
    public function test_reads(string $typed, float $millimetres, UnitSystem $units = UnitSystem::Metric): void
    {
        $this->assertEqualsWithDelta($millimetres, (new LengthReader($units))->read($typed), 1e-9);
    }

    /** @return iterable<string, array{string, string}> */
    public static function refused(): iterable
    {
        yield 'nothing' => ['', 'nothing'];
        yield 'blanks' => ["  \t ", 'nothing'];
        yield 'a word' => ['long', 'unreadable'];
        yield 'two numbers' => ['12 13', 'unreadable'];
        yield 'two commas' => ['1,2,3 m', 'unreadable'];
        yield 'a fraction of nothing' => ['3/0 in', 'unreadable'];
        yield 'a unit alone' => ['cm', 'unreadable'];
        yield 'an unknown unit' => ['12 ells', 'unknown_unit'];
        yield 'a unit of something else' => ['12 kg', 'unknown_unit'];
        yield 'nought' => ['0 cm', 'not_positive'];
        yield 'a minus' => ['-12 cm', 'not_positive'];
        yield 'a real minus' => ['−12 cm', 'not_positive'];
        yield 'a whole page' => [str_repeat('9', 41), 'unreadable'];
    }

    #[DataProvider('refused')]
    public function test_refuses(string $typed, string $because): void
    {
        try {
            (new LengthReader(UnitSystem::Metric))->read($typed);
            $this->fail("\"{$typed}\" was read");
        } catch (UnreadableLength $e) {
            $this->assertSame("measure.length.{$because}", $e->finding()->code);
        }
    }
}
