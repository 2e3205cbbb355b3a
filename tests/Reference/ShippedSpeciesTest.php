<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Scenario\ScenarioMapper;
use Biomegas\Calendar\LocalDate;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Fit\AdultSize;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;
use Tests\SampleSpecies;

/** Every species that comes with the application, one by one. Values are from memory where the species names no source. */
final class ShippedSpeciesTest extends TestCase
{
    private const GROUPS_OF_LARGE = 60;

    /** @return array<string, array{string}> */
    public static function allSpecies(): array
    {
        return array_map(fn (string $key): array => [$key], array_combine(array_keys(SampleSpecies::descriptions()), array_keys(SampleSpecies::descriptions())));
    }

    public function test_there_are_enough_large_and_small_ones(): void
    {
        $adults = array_map(fn (array $species): float => $species['adult_length_mm']['typical'], SampleSpecies::descriptions());

        $this->assertGreaterThanOrEqual(self::GROUPS_OF_LARGE, count(array_filter($adults, fn (float $mm): bool => $mm >= 200)));
        $this->assertGreaterThanOrEqual(30, count(array_filter($adults, fn (float $mm): bool => $mm < 150)));
    }

    #[DataProvider('allSpecies')]
    public function test_its_values_are_sane(string $key): void
    {
        $species = SampleSpecies::named($key);
        $background = SampleSpecies::backgroundOf($key);
        $d = SampleSpecies::descriptions()[$key];
        $adult = AdultSize::of($species)->range();

        $this->assertGreaterThan(0.4, $species->adultLength->low / $species->adultLength->high, 'the adult range is no wider than a factor of 2.5');
        $this->assertGreaterThan(0.75, $adult->typical / $species->adultLength->typical, 'the claims do not contradict the range');
        $this->assertLessThan(1.35, $adult->typical / $species->adultLength->typical, 'the claims do not contradict the range');
        $this->assertLessThan($species->adultLength->low, (float) $background->soldAt, 'sold before it is grown');
        $this->assertNotNull($background->lifespan);
        $this->assertGreaterThan($background->lifespan->low, $background->lifespan->high);
        $this->assertNotNull($species->keepingRange);
        $this->assertGreaterThan($species->keepingRange->low, $species->keepingRange->high);
        $this->assertNotNull($species->needs->ph);
        $this->assertSame($key, $d['key']);
        foreach ($d['look_alikes'] ?? [] as $other) {
            $this->assertArrayHasKey($other['kind'], SampleSpecies::descriptions());
        }
    }

    /** The cardinal model refuses singular points by itself; these must make sense against the keeping range too. */
    #[DataProvider('allSpecies')]
    public function test_it_grows_within_its_keeping_range(string $key): void
    {
        $species = SampleSpecies::named($key);
        if ($species->cardinalTemperatures === null) {
            $this->assertNotSame('fish', SampleSpecies::descriptions()[$key]['animal'] ?? 'fish', 'a fish has growth points');

            return;
        }
        $this->assertTrue($species->keepingRange?->contains($species->cardinalTemperatures->reference), 'the reference is a temperature it is kept at');
        $this->assertEqualsWithDelta(1.0, $species->cardinalTemperatures->responseAt($species->cardinalTemperatures->best), 1e-9);
        $this->assertSame(0.0, $species->cardinalTemperatures->responseAt($d = (float) SampleSpecies::descriptions()[$key]['temperature_c']['maximum'] + 1), "no growth at {$d} °C");
    }

    /** @return array<string, array{string}> */
    public static function allWithAClaimOfOneYear(): array
    {
        return array_filter(self::allSpecies(), fn (array $row): bool => isset(SampleSpecies::descriptions()[$row[0]]['length_after_one_year_mm']));
    }

    #[DataProvider('allWithAClaimOfOneYear')]
    public function test_its_curve_reproduces_its_size_after_a_year(string $key): void
    {
        $claim = SampleSpecies::descriptions()[$key]['length_after_one_year_mm'];
        $species = SampleSpecies::named($key);
        $fish = Example::fish($species, 'home', ['2026-03-01' => $claim['from']], '2026-03-01');
        $home = Example::tank('home', 600, 300, celsius: $species->cardinalTemperatures?->reference);
        $year = (new FacilityGrowth(Example::facility([$home], [$fish], '2026-03-01')))->projectionOf($fish)->lengthOn(LocalDate::fromIso('2027-03-01'));

        $this->assertGreaterThan($claim['low'], $year->likely);
        $this->assertLessThan($claim['high'], $year->likely);
    }

    /** Common practice, no published source: an inch a month for ten months is good growth of a giant, and nothing out of the way. */
    #[DataProvider('fastGiants')]
    public function test_an_inch_a_month_is_ordinary_in_a_fast_giant(string $key): void
    {
        $species = SampleSpecies::named($key);
        $fish = Example::fish($species, 'home', ['2026-05-01' => 60, '2026-09-30' => 187, '2027-03-01' => 314], '2026-05-01');
        $home = Example::tank('home', 900, 500, celsius: $species->cardinalTemperatures?->reference);
        $pace = (new FacilityGrowth(Example::facility([$home], [$fish], '2027-03-01')))->projectionOf($fish)->pace();

        $this->assertGreaterThan(15, $pace);
        $this->assertLessThan(90, $pace);
    }

    /** @return iterable<array{string}> */
    public static function fastGiants(): iterable
    {
        return array_map(fn (string $key): array => [$key], ['redtail-catfish', 'silver-arowana', 'giant-gourami', 'tambaqui', 'shark-catfish', 'tiger-shovelnose', 'asian-redtail-catfish']);
    }

    /** Common practice, no published source. */
    public function test_an_oscar_is_about_23_cm_long_after_a_year_at_24_degrees(): void
    {
        $fish = Example::fish(SampleSpecies::named('oscar'), 'home', ['2026-03-01' => 35], '2026-03-01');
        $year = (new FacilityGrowth(Example::facility([Example::tank('home', 600, 300, celsius: 24.0)], [$fish], '2026-03-01')))->projectionOf($fish)->lengthOn(LocalDate::fromIso('2027-03-01'));

        $this->assertEqualsWithDelta(230, $year->likely, 8);
    }

    public function test_the_curve_of_each_is_chosen(): void
    {
        $this->assertGreaterThanOrEqual(220, count(SampleSpecies::descriptions()));
        foreach (SampleSpecies::descriptions() as $key => $description) {
            $this->assertArrayHasKey('curve', $description, $key);
        }
    }

    public function test_at_least_a_tenth_of_the_large_kinds_carry_such_a_claim(): void
    {
        $this->assertGreaterThanOrEqual(8, count(self::allWithAClaimOfOneYear()));
    }

    /** Hand-made errors in a description are refused with a sentence. */
    public function test_points_out_of_order_are_refused(): void
    {
        $species = SampleSpecies::descriptions()['oscar'];
        $species['temperature_c']['best'] = 40;

        $this->assertStringContainsString('minimum, best and maximum must rise', Said::refusing(fn () => ScenarioMapper::species($species)));
    }
}
