<?php

declare(strict_types=1);

namespace Tests\Commands;

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
