<?php

declare(strict_types=1);

namespace Tests\Core\Planning;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Habits;
use Biomegas\Facility\Species;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Numerics\StandardNormal;
use Biomegas\Planning\Company\CompanyGrid;
use Biomegas\Planning\Company\LengthTable;
use Biomegas\Planning\Company\Pair;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Rulebook\PairVerdict;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Tests\Core\Example;

/** When one of two fits into the mouth of the other, and when no longer. */
final class SwallowingTest extends TestCase
{
    private const DRAWS = 500;

    public function test_a_grown_hunter_is_a_danger_to_a_juvenile_until_that_has_grown(): void
    {
        $hunter = Example::fish(Example::of(habits: new Habits(temperament: 2, mouthRatio: 0.45)), 'home', ['2026-06-01' => 420, '2026-12-01' => 440, '2027-02-20' => 445], key: 'hunter');
        $young = Example::fish(Example::of(habits: new Habits(temperament: 2), key: 'young'), 'home', ['2026-12-01' => 100, '2027-02-20' => 130], key: 'prey');
        $pair = self::pair($hunter, $young);

        $swallowing = $pair->danger();
        $this->assertSame($pair->otherSwallowed ?? $pair->oneSwallowed, $swallowing);
        $this->assertSame(['2027-03-01', '2027-03-01'], [$swallowing?->early?->toIso(), $swallowing?->likely?->toIso()]);
        $this->assertGreaterThan('2027-04-01', $swallowing?->until?->toIso());
        $this->assertSame(PairVerdict::Avoid, $pair->verdict());
        $this->assertSame(PairVerdict::Good, $pair->spans()[count($pair->spans()) - 1][0], 'grown up it may join');
    }

    public function test_two_of_one_size_with_usual_mouths_are_no_food(): void
    {
        $fish = fn (string $key): Fish => Example::fish(Example::of(habits: new Habits(temperament: 2), key: $key), 'home', ['2026-12-01' => 200, '2027-02-20' => 215], key: $key);
        $pair = self::pair($fish('one'), $fish('two'));
        $this->assertNull($pair->danger());
        $this->assertSame(PairVerdict::Good, $pair->verdict());
    }

    /** Each draw has its share of its band in every month, so that its first month of danger can be counted. */
    public function test_the_days_are_those_of_five_hundred_draws(): void
    {
        $random = new Randomizer(new Mt19937(17));
        $cases = 0;
        for ($case = 0; $case < 30; $case++) {
            $hunter = Example::fish(self::species('hunter', 0.45), 'home', ['2026-12-01' => 120 + 5 * $random->getInt(0, 20)], key: 'hunter');
            // Small when grown, so that the hunter outgrows it.
            $prey = Example::fish(self::species('prey', 0.2)->ofStatedAdultLength(100.0 + $random->getInt(0, 60)), 'home', ['2026-12-01' => 60 + $random->getInt(0, 30)], key: 'prey');
            $pair = self::pair($hunter, $prey);
            $swallowing = $pair->oneSwallowed ?? $pair->otherSwallowed;
            $months = self::firstMonths($hunter, $prey, 0.45, $random);
            if ($swallowing?->likely === null || $swallowing->likely->equals(LocalDate::fromIso('2027-03-01')) || count($months) < 0.6 * self::DRAWS) {
                continue;
            }
            $cases++;
            $brute = $months[intdiv(self::DRAWS, 2) - 1];
            $likely = LocalDate::fromIso('2027-03-01')->daysUntil($swallowing->likely) / LengthTable::STEP_DAYS;
            $this->assertEqualsWithDelta($brute, $likely, 1.5, "case {$case}: half of the draws by month {$brute}");
        }
        $this->assertGreaterThan(3, $cases);
    }

    private static function species(string $key, float $mouth): Species
    {
        return Example::of(habits: new Habits(temperament: 2, mouthRatio: $mouth), key: $key);
    }

    private static function pair(Fish $one, Fish $other): Pair
    {
        $facility = Example::facility([Example::tank('home', 400, 200, celsius: 26)], [$one, $other]);
        $growth = new FacilityGrowth($facility);

        return CompanyGrid::of($facility, [$one, $other], fn (Fish $fish): LengthsAhead => LengthsAhead::of($facility, $growth->projectionOf($fish)))->pairs[0];
    }

    /** @return list<float> month of first danger of each draw that comes to it, in order */
    private static function firstMonths(Fish $hunter, Fish $prey, float $mouth, Randomizer $random): array
    {
        $facility = Example::facility([Example::tank('home', 400, 200, celsius: 26)], [$hunter, $prey]);
        $growth = new FacilityGrowth($facility);
        $bands = function (Fish $fish) use ($growth, $facility): array {
            $projection = $growth->projectionOf($fish);

            return array_map(fn (int $i): LengthBand => $projection->lengthOn($facility->date->plusDays($i * LengthTable::STEP_DAYS)), range(0, CompanyGrid::MONTHS));
        };
        [$of, $other] = [$bands($hunter), $bands($prey)];
        $months = [];
        for ($draw = 0; $draw < self::DRAWS; $draw++) {
            $normal = fn (): float => StandardNormal::quantile($random->getInt(1, 999_999) / 1_000_000);
            [$z, $w] = [$normal(), $normal()];
            $length = fn (LengthBand $band, float $at): float => $band->likely * ($band->high / $band->low) ** ($at / 2.5632);
            foreach ($of as $i => $band) {
                if ($mouth * $length($band, $z) > $length($other[$i], $w)) {
                    $months[] = (float) $i;
                    break;
                }
            }
        }
        sort($months);

        return $months;
    }
}
