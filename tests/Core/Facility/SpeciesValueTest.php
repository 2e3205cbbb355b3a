<?php

declare(strict_types=1);

namespace Tests\Core\Facility;

use Biomegas\Facility\Background;
use Biomegas\Facility\Description\ImpossiblePicture;
use Biomegas\Facility\LengthWeight;
use Biomegas\Facility\Range;
use Biomegas\Facility\Span;
use Biomegas\Facility\SpeciesValue;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Said;

final class SpeciesValueTest extends TestCase
{
    /** @return iterable<string, array{SpeciesValue}> */
    public static function values(): iterable
    {
        foreach (SpeciesValue::cases() as $value) {
            yield $value->value => [$value];
        }
    }

    #[DataProvider('values')]
    public function test_the_format_draws_the_same_bounds(SpeciesValue $value): void
    {
        foreach ($this->numbersIn($this->schemaOf($value)) as $rules) {
            $this->assertEquals([$value->least(), $value->most()], [$rules['minimum'] ?? null, $rules['maximum'] ?? null]);
        }
    }

    #[DataProvider('values')]
    public function test_the_bounds_themselves_hold_and_nothing_beyond(SpeciesValue $value): void
    {
        $value->check($value->least(), $value->most(), null);
        foreach ([$value->least() - 0.001, $value->most() * 1.001 + 0.001, INF, -INF, NAN] as $beyond) {
            try {
                $value->check($beyond);
                $this->fail("{$beyond} was taken");
            } catch (ImpossiblePicture $e) {
                $this->assertSame(explode('.', $value->value)[0], $e->field);
                $this->assertStringContainsString('Is a decimal point missing?', Said::of($e->finding()));
            }
        }
    }

    public function test_slips_of_the_hand_are_noticed_where_they_are_made(): void
    {
        foreach ([
            fn () => new LengthWeight(0.01, 305.0),
            fn () => new Background(new Span(10.0, 1e308)),
            fn () => new Background(new Span(20.0, 10.0)),
            fn () => new Background(soldAt: 1e-300),
            fn () => Range::of('growth_coefficient_per_year', 0.5, 0.5, 0.5000001),
            fn () => Range::of('growth_coefficient_per_year', 1e-300, 0.5, 50.0),
        ] as $slip) {
            try {
                $slip();
                $this->fail('a slip was taken');
            } catch (ImpossiblePicture $e) {
                $this->assertNotNull($e->field);
            }
        }
    }

    /** @return array<string, mixed> */
    private function schemaOf(SpeciesValue $value): array
    {
        $schema = json_decode((string) file_get_contents(__DIR__.'/../../../docs/formats/scenario.schema.json'), true, 64, JSON_THROW_ON_ERROR)['$defs']['species'];
        foreach (explode('.', $value->value) as $step) {
            $schema = $schema['properties'][$step] ?? $schema['items']['properties'][$step];
        }

        return $schema;
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return list<array<string, mixed>> the value itself, or the members of its range
     */
    private function numbersIn(array $schema): array
    {
        return isset($schema['properties']) ? array_values($schema['properties']) : [$schema];
    }
}
