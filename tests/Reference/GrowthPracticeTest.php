<?php

declare(strict_types=1);

namespace Tests\Reference;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Species;
use Biomegas\Growth\FacilityGrowth;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\SampleSpecies;

/** Facts of the trade on growth, for the species of the demo: common practice, no published source. */
final class GrowthPracticeTest extends TestCase
{
    public function test_a_heavy_cichlid_of_3_to_4_cm_is_about_23_cm_at_one_year_and_not_adult(): void
    {
        $oscar = $this->species('oscar');
        $fish = Example::fish($oscar, 'home', ['2026-03-01' => 35], '2026-03-01');
        $year = (new FacilityGrowth(Example::facility([Example::tank('home', 180, 60, celsius: 24)], [$fish], '2026-03-01')))
            ->projectionOf($fish)->lengthOn(LocalDate::fromIso('2027-03-01'));

        $this->assertLessThan(230, $year->low);
        $this->assertGreaterThan(230, $year->high);
        $this->assertEqualsWithDelta(230, $year->likely, 20);
        $this->assertLessThan(0.85 * $oscar->adultLength->typical, $year->likely);
    }

    /** A young big fish may gain 2 to 3 cm a month in its first year and finish over the second and third. */
    public function test_young_big_fish_gain_2_to_3_cm_a_month_in_their_first_year(): void
    {
        foreach (['silver-arowana', 'tambaqui'] as $key) {
            $species = $this->species($key);
            $fish = Example::fish($species, 'home', ['2026-03-01' => 90], '2026-03-01');
            $growth = (new FacilityGrowth(Example::facility([Example::tank('home', 400, 200, celsius: 27)], [$fish], '2026-03-01')))->projectionOf($fish);
            $perMonth = ($growth->lengthOn(LocalDate::fromIso('2027-03-01'))->likely - 90) / 12;

            $this->assertGreaterThan(20, $perMonth, $key);
            $this->assertLessThan(33, $perMonth, $key);
        }
    }

    private function species(string $key): Species
    {
        return SampleSpecies::named($key);
    }
}
