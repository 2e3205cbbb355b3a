<?php

declare(strict_types=1);

namespace Tests\Core\Measure;

use App\Language\Messages;
use Biomegas\Measure\FishLengthReader;
use Biomegas\Measure\Length;
use Biomegas\Measure\LengthUnit;
use Biomegas\Measure\MeasuredFigure;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Said;

final class FishLengthReaderTest extends TestCase
{
    /** The inch is exactly 25.4 mm by definition (international yard and pound agreement, 1959). */
    #[DataProvider('lengthsAsTyped')]
    public function test_reads_what_keepers_type(string $typed, float $millimetres, UnitSystem $units = UnitSystem::Metric): void
    {
        $this->assertEqualsWithDelta($millimetres, (new FishLengthReader($units))->read($typed)->millimetres(), 1e-9, $typed);
    }

    /** @return iterable<array{0: string, 1: float, 2?: UnitSystem}> */
    public static function lengthsAsTyped(): iterable
    {
        yield ['9.5 in', 241.3];
        yield ['9 1/2"', 241.3];
        yield ['9½', 241.3, UnitSystem::Us];
        yield ['1\' 2"', 355.6];
        yield ['1\' 2 1/2"', 368.3];
        yield ['1 ft 2 in', 355.6];
        yield ['24cm', 240.0];
        yield ['240 mm', 240.0];
        yield ['24', 240.0];
        yield ['24', 609.6, UnitSystem::Imperial];
        yield ['23,5', 235.0];
        yield ['.5 in', 12.7];
        yield ['3/4 inch', 19.05];
        yield ['0.3 m', 300.0];
        yield ['  12  Inches ', 304.8];
        yield ['2 ft', 609.6];
    }

    #[DataProvider('nonsense')]
    public function test_refuses_nonsense_with_a_sentence(string $typed, string $sentence): void
    {
        $this->assertStringContainsString($sentence, Said::refusing(fn () => (new FishLengthReader(UnitSystem::Metric))->read($typed)));
    }

    /** @return iterable<array{string, string}> */
    public static function nonsense(): iterable
    {
        yield ['', 'Type a length'];
        yield ['   ', 'Type a length'];
        yield ['big', '"big" is not a length'];
        yield ['12 ells', 'The unit "ells" is not known'];
        yield ['-3 cm', 'must be more than zero'];
        yield ['−3', 'must be more than zero'];
        yield ['0', 'must be more than zero'];
        yield ['40 m', 'longer than any fish'];
        yield ['0.2 mm', 'too small for a fish'];
        yield ['12 / 0 in', 'is not a length'];
        yield ['1.2.3', 'is not a length'];
        yield ['NaN', 'is not a length'];
        yield [str_repeat('9', 400), 'is not a length'];
    }

    public function test_a_length_is_told_in_any_unit(): void
    {
        $length = (new FishLengthReader(UnitSystem::Metric))->read('30.48');

        $this->assertEqualsWithDelta(1.0, $length->in(LengthUnit::Foot), 1e-12);
        $this->assertEqualsWithDelta(12.0, $length->in(UnitSystem::Us->lengthUnit()), 1e-12);
    }

    public function test_every_length_that_is_written_is_read_back(): void
    {
        foreach (UnitSystem::cases() as $units) {
            foreach ([42.0, 81.0, 335.5, 1204.7] as $millimetres) {
                $written = (new Messages(Units::of($units), 'en'))->figure(MeasuredFigure::of(Length::ofMillimetres($millimetres)));
                $this->assertEqualsWithDelta($millimetres, (new FishLengthReader($units))->read($written)->millimetres(), 1.3, $written);
            }
        }
    }
}
