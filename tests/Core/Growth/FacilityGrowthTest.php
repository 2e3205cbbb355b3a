<?php

declare(strict_types=1);

namespace Tests\Core\Growth;

use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\AdultSizeClaim;
use Biomegas\Facility\CandidateSpecies;
use Biomegas\Facility\ClaimKind;
use Biomegas\Facility\Fish;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\LengthWeight;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Range;
use Biomegas\Facility\Sex;
use Biomegas\Facility\Species;
use Biomegas\Facility\Stay;
use Biomegas\Facility\SwimmingStyle;
use Biomegas\Facility\TemperatureReadings;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Fit\GrowthPrior;
use Biomegas\Growth\GrowthPerformance;
use Biomegas\Growth\Pace\PaceBelief;
use Biomegas\Growth\Pace\PaceLevels;
use Biomegas\Growth\Sources;
use Biomegas\Growth\Stall;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;

final class FacilityGrowthTest extends TestCase
{
    private const QUICK = ['2026-01-10' => 82, '2026-04-12' => 190, '2026-08-02' => 290, '2026-12-06' => 360];

    public function test_quick_kin_make_a_fish_of_one_length_likely_to_be_quick(): void
    {
        $single = Example::fish(Example::of(), 'home', ['2027-02-01' => 80], '2027-02-01');
        $kin = array_map(fn (int $i): Fish => Example::fish(Example::of(), 'home', self::QUICK, key: "kin {$i}"), range(1, 5));
        $alone = $this->study([$single])->projectionOf($single)->lengthOn(LocalDate::fromIso('2028-02-01'));
        $withKin = $this->study([$single, ...$kin])->projectionOf($single)->lengthOn(LocalDate::fromIso('2028-02-01'));

        $this->assertGreaterThan($alone->likely + 20, $withKin->likely);
    }

    public function test_a_fish_is_no_kin_of_itself_nor_of_other_kinds_nor_of_those_not_sure(): void
    {
        $single = Example::fish(Example::of(), 'home', self::QUICK);
        $unsure = new Fish('unsure', 'Unsure', Example::of(), $single->arrived, $single->stays, $single->lengths, candidates: [new CandidateSpecies(Example::ofPond(), 0.4)]);
        $study = $this->study([$single, $unsure, Example::fish(Example::of(), 'home', ['2026-05-01' => 100], key: 'once')]);

        $this->assertSame([], $study->kinOf($single, Example::of()));
        $this->assertEquals(GrowthPrior::ofSpecies(Example::of()), $study->priorOf($single, Example::of()));
    }

    public function test_sources_add_up_and_own_lengths_take_over(): void
    {
        $kin = array_map(fn (int $i): Fish => Example::fish(Example::of(), 'home', self::QUICK, key: "kin {$i}"), range(1, 4));
        $shares = function (array $lengths) use ($kin): Sources {
            $single = Example::fish(Example::of(), 'home', $lengths);

            return Sources::of($this->study([$single, ...$kin])->projectionOf($single)->leading(), GrowthPrior::ofSpecies(Example::of()));
        };
        [$few, $many] = [$shares(['2026-01-10' => 82]), $shares(self::QUICK)];

        $this->assertEqualsWithDelta(1.0, $few->ownLengths + $few->kin + $few->species, 1e-9);
        $this->assertGreaterThan(0.05, $few->kin);
        $this->assertGreaterThan($few->ownLengths, $many->ownLengths);
        $this->assertGreaterThan(0.5, $many->ownLengths);
    }

    public function test_an_unsure_fish_is_a_mixture_and_its_lengths_weigh_the_species(): void
    {
        $small = new Species('small', 'Small', 'S', Range::of('a', 130, 150, 180), Range::of('k', 0.8, 1.2, 2.0), SwimmingStyle::Slow);
        $large = Example::of();
        $arrived = LocalDate::fromIso('2026-01-10');
        $unsure = fn (array $lengths): Fish => new Fish('one', 'One', $small, $arrived, [new Stay('home', $arrived)], Example::fish($small, 'home', $lengths)->lengths, candidates: [new CandidateSpecies($large, 0.5)]);
        $young = $this->study([$fish = $unsure(['2026-01-10' => 60])])->projectionOf($fish);
        $grown = $this->study([$fish = $unsure(['2026-01-10' => 60, '2026-06-10' => 170, '2026-12-10' => 280])])->projectionOf($fish);
        $adult = $young->adultLength();

        $this->assertLessThan(190, $adult->low);
        $this->assertGreaterThan(420, $adult->high);
        $this->assertSame('invented', $grown->leading()->species->key);
        $this->assertGreaterThan(0.95, $grown->candidates[0][0]);
        $window = $young->outgrows(fn (): float => 250.0, Example::tank('home', 120, 50));
        $this->assertNotNull($window->early);
        $this->assertNull($window->late);
        $this->assertEqualsWithDelta(0.5, $window->probability, 0.15);
    }

    public function test_claims_of_adult_size_are_weighed_by_kind_and_sex(): void
    {
        $species = new Species('k', 'K', 'K', Range::of('a', 400, 500, 700), Range::of('k', 0.3, 0.5, 0.8), SwimmingStyle::Slow, claims: [
            new AdultSizeClaim(600, ClaimKind::Literature), new AdultSizeClaim(300, ClaimKind::Label), new AdultSizeClaim(1200, ClaimKind::Record), new AdultSizeClaim(450, ClaimKind::Keepers, Sex::Male),
        ]);
        $mean = fn (?Sex $sex): float => exp(GrowthPrior::ofSpecies($species, $sex)->mean[0]);

        $this->assertEqualsWithDelta(exp((3 * log(600) + log(300) + 2 * log(450)) / 6), $mean(null), 1e-9);
        $this->assertEqualsWithDelta(450, $mean(Sex::Male), 1e-9);
        $this->assertEqualsWithDelta(exp((3 * log(600) + log(300)) / 4), $mean(Sex::Female), 1e-9);
        $this->assertGreaterThan($species->adultLength->logSpread(), sqrt(GrowthPrior::ofSpecies($species, Sex::Female)->covariance[0][0]), 'claims that disagree widen the range');
    }

    public function test_a_stall_is_told_from_growth_and_from_too_soon(): void
    {
        $stall = function (array $lengths): Stall {
            $fish = Example::fish(Example::of(), 'home', $lengths);

            return Stall::of($this->study([$fish])->projectionOf($fish)->leading());
        };

        $this->assertSame(Stall::None, $stall(self::QUICK));
        $this->assertSame(Stall::Stalled, $stall([...self::QUICK, '2027-02-28' => 362]));
        $this->assertSame(Stall::TooSoon, $stall([...self::QUICK, '2026-12-16' => 361]));
        $this->assertSame(Stall::TooSoon, $stall(['2026-01-10' => 82]));
    }

    public function test_lengths_that_agree_but_do_not_fit_are_a_stall_and_no_slips(): void
    {
        $fish = Example::fish(Example::of(), 'home', ['2026-01-10' => 82, '2026-03-12' => 150, '2026-05-02' => 205, '2026-09-06' => 206, '2027-02-01' => 207]);
        $growth = $this->study([$fish])->projectionOf($fish);

        $this->assertSame([], $growth->flagged());
        $this->assertSame(Stall::Stalled, Stall::of($growth->leading()));
        $this->assertEqualsWithDelta(207, $growth->lengthOn(LocalDate::fromIso('2026-12-01'))->likely, 3, 'behind, while it stalled');
        $this->assertEqualsWithDelta(215, $growth->lengthOn(LocalDate::fromIso('2027-03-01'))->likely, 12);
        $this->assertGreaterThan(400, $growth->adultLength()->likely, 'a stall is never taken for the adult size');
    }

    public function test_a_known_day_of_hatching_narrows_the_growth(): void
    {
        $fish = Example::fish(Example::of(), 'home', ['2026-09-10' => 200]);
        $hatched = new Fish('one', 'One', $fish->species, $fish->arrived, $fish->stays, $fish->lengths, hatched: LocalDate::fromIso('2025-09-10'));
        $width = function (Fish $fish): float {
            $band = $this->study([$fish])->projectionOf($fish)->lengthOn(LocalDate::fromIso('2027-09-10'));

            return $band->high / $band->low;
        };

        $this->assertLessThan($width($fish), $width($hatched));
    }

    public function test_another_length_kind_is_converted_and_trusted_less(): void
    {
        $fork = new MeasuredLength(LocalDate::fromIso('2026-02-01'), Length::ofMillimetres(230), Method::Hand, LengthKind::Fork);

        $this->assertEqualsWithDelta(250, $fork->asStatedFor(Example::of()), 1e-9);
        $this->assertEqualsWithDelta(hypot(0.01, 0.03), $fork->relativeErrorFor(Example::of()), 1e-12);
    }

    public function test_readings_stand_in_for_the_set_point_where_they_are_dense(): void
    {
        $day = LocalDate::fromIso(...);
        $readings = new TemperatureReadings([[$day('2026-06-20'), 20.0], [$day('2026-06-10'), 24.0], [$day('2026-08-20'), 20.0]]);

        $this->assertSame(24.0, $readings->on($day('2026-06-10')));
        $this->assertEqualsWithDelta(22.0, $readings->on($day('2026-06-15')), 1e-12);
        $this->assertNull($readings->on($day('2026-07-15')), 'a gap of two months');
        $this->assertNull($readings->on($day('2026-06-09')));
    }

    public function test_indices(): void
    {
        $this->assertEqualsWithDelta(log10(0.5) + 2 * log10(60), GrowthPerformance::index(0.5, 600), 1e-12);
        $this->assertEqualsWithDelta(0.02 * 30 ** 3, (new LengthWeight(0.02, 3.0))->grams(300), 1e-9);
    }

    public function test_pace_stays_usual_until_others_tell_more_and_never_hears_of_a_fish_from_itself(): void
    {
        $alone = Example::facility([Example::tank('home', 120, 50)], [Example::fish(Example::of(), 'home', self::QUICK)]);
        $this->assertEqualsWithDelta(PaceBelief::usual()->shares, FacilityGrowth::paceOf($alone)->beliefOf('one')->shares, 1e-12, 'its own lengths would count twice');

        $jerky = array_map(fn (int $i): Fish => Example::fish(Example::of(), 'home', [
            '2026-01-10' => 80, '2026-04-10' => 80 + ($i % 2 === 0 ? 88 : 42), '2026-07-10' => 210, '2026-10-10' => 210 + ($i % 2 === 0 ? 38 : 82), '2027-01-10' => 330,
        ], key: "fish {$i}"), range(1, 12));
        $belief = FacilityGrowth::paceOf(Example::facility([Example::tank('home', 120, 50)], $jerky))->beliefOf('fish 1');
        $steady = array_sum(array_slice($belief->shares, 0, count(PaceLevels::ERRORS)));
        $this->assertLessThan(array_sum(array_slice(PaceBelief::usual()->shares, 0, count(PaceLevels::ERRORS))) / 2, $steady);
    }

    /** @param  list<Fish>  $fish */
    private function study(array $fish): FacilityGrowth
    {
        return new FacilityGrowth(Example::facility([Example::tank('home', 120, 50)], $fish));
    }
}
