<?php

declare(strict_types=1);

namespace Tests\Commands;

use PHPUnit\Framework\Attributes\DataProvider;

final class FitCommandTest extends CommandTestCase
{
    private const BY_AGE = "age,length\n0.5,180\n1,300\n1.5,392\n2,455\n3,545\n4,590\n";

    public function test_reports_the_curve_as_the_format_says(): void
    {
        [$exit, $output] = $this->execute(['biomegas:fit', '-', '--curve=von-bertalanffy', '--json'], self::BY_AGE);
        $fit = json_decode($output, true);

        $this->assertSame(0, $exit);
        $this->assertSame(['curve', 'n', 'parameters', 'residual_sum_of_squares', 'residual_standard_deviation', 'aicc', 'akaike_weights'], array_keys($fit));
        $this->assertSame(['asymptotic_length', 'growth_coefficient', 'age_at_zero_length'], array_keys($fit['parameters']));
        $this->assertSame(['value', 'standard_error'], array_keys($fit['parameters']['growth_coefficient']));
        $this->assertSame(6, $fit['n']);
        $this->assertEqualsWithDelta(640, $fit['parameters']['asymptotic_length']['value'], 40);
    }

    public function test_auto_chooses_by_criterion_and_says_how_far_each_is_supported(): void
    {
        $fit = json_decode($this->execute(['biomegas:fit', '-'], self::BY_AGE."5,612\n6,628\n")[1], true);

        $this->assertSame('von-bertalanffy', $fit['curve']);
        $this->assertEqualsWithDelta(1.0, array_sum($fit['akaike_weights']), 1e-9);
        $this->assertSame($fit['akaike_weights']['von-bertalanffy'], max($fit['akaike_weights']));
    }

    public function test_fixed_zero_drops_the_age_and_other_curves_name_their_inflection(): void
    {
        $fixed = json_decode($this->execute(['biomegas:fit', '-', '--curve=von-bertalanffy', '--fixed-zero'], self::BY_AGE)[1], true);
        $gompertz = json_decode($this->execute(['biomegas:fit', '-', '--curve=gompertz', '--start=600,1,0.3'], self::BY_AGE)[1], true);

        $this->assertArrayNotHasKey('age_at_zero_length', $fixed['parameters']);
        $this->assertArrayHasKey('age_at_inflection', $gompertz['parameters']);
    }

    public function test_dates_become_years_since_the_first(): void
    {
        $byDate = "date,length_mm\n2025-01-01,80\n2025-07-01,190\n2026-01-01,280\n2026-07-01,345\n2027-01-01,400\n2028-01-01,470\n";
        $fit = json_decode($this->execute(['biomegas:fit', '-', '--curve=von-bertalanffy'], $byDate)[1], true);

        $this->assertLessThan(0, $fit['parameters']['age_at_zero_length']['value']);
        $this->assertGreaterThan(0.2, $fit['parameters']['growth_coefficient']['value']);
    }

    /** @return iterable<string, array{list<string>, string, string}> arguments, input, and what is said of it */
    public static function extremes(): iterable
    {
        yield 'lengths beyond all' => [['-'], "age,length\n1,1e308\n2,1.5e308\n3,1.6e308\n4,1.7e308\n5,1.75e308\n", 'Length 1'];
        yield 'ages beyond all' => [['-'], "age,length\n1e300,10\n2e300,20\n3e300,25\n4e300,27\n", 'Length 1'];
        yield 'lengths of nothing' => [['-'], "age,length\n1,1e-300\n2,2e-300\n3,2.5e-300\n4,2.6e-300\n", 'Length 1'];
        yield 'a huge start' => [['-', '--start=1e308,1e308,1e308'], self::BY_AGE, 'The start needs'];
        yield 'no file' => [[], '', 'Name the file to read'];
    }

    /** @param  list<string>  $arguments */
    #[DataProvider('extremes')]
    public function test_extremes_end_with_2_and_a_sentence(array $arguments, string $input, string $sentence): void
    {
        [$exit, , $errors] = $this->execute(['biomegas:fit', ...$arguments], $input);

        $this->assertSame(2, $exit, $errors);
        $this->assertStringStartsWith($sentence, $errors);
    }

    public function test_many_lengths_give_the_curve_that_made_them(): void
    {
        mt_srand(3);
        $rows = '';
        for ($i = 0; $i < 4000; $i++) {
            $age = mt_rand(1, 8000) / 1000;
            $rows .= $age.','. 600 * (1 - exp(-0.5 * ($age + 0.2))) * (1 + mt_rand(-50, 50) / 1000)."\n";
        }
        $fit = json_decode($this->execute(['biomegas:fit', '-', '--curve=von-bertalanffy'], "age,length\n{$rows}")[1], true);

        $this->assertSame(4000, $fit['n']);
        $this->assertEqualsWithDelta(600, $fit['parameters']['asymptotic_length']['value'], 3 * $fit['parameters']['asymptotic_length']['standard_error']);
        $this->assertEqualsWithDelta(0.5, $fit['parameters']['growth_coefficient']['value'], 3 * $fit['parameters']['growth_coefficient']['standard_error']);
    }

    public function test_bad_input_names_the_line_and_ends_with_2(): void
    {
        foreach ([
            ["age,length\n1,2\n3,x\n", 'line 3: length is "x"', []],
            ["when,how\n1,2\n", 'line 1: the header must be', []],
            ['', 'line 1: the header must be', []],
            ["date,length_mm\n2027-02-30,2\n", 'line 2: "2027-02-30" is not a day', []],
            ["age,length\n1,2\n2,3\n", 'needs at least', []],
            [self::BY_AGE, '--curve: "straight" is not a curve', ['--curve=straight']],
            [self::BY_AGE, '--start: "a" is not a number', ['--start=1,a']],
        ] as [$input, $sentence, $options]) {
            [$exit, $output, $errors] = $this->execute(['biomegas:fit', '-', ...$options], $input);
            $this->assertSame(2, $exit, $sentence);
            $this->assertSame('', $output);
            $this->assertStringContainsString($sentence, $errors);
        }
        $this->assertSame(2, $this->execute(['biomegas:fit', '/no/such.csv'], '')[0]);
    }
}
