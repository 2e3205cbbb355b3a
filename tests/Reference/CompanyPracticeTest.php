<?php

declare(strict_types=1);

namespace Tests\Reference;

use Biomegas\Company\PairJudgement;
use Biomegas\Facility\Fish;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Biomegas\Planning\HomesAhead\Residents;
use Biomegas\Planning\HomesAhead\Whereabouts;
use Biomegas\Planning\WeighUp\Advice;
use Biomegas\Planning\WeighUp\Candidate;
use Biomegas\Planning\WeighUp\HealthSeen;
use Biomegas\Planning\WeighUp\WeighUp;
use Biomegas\Rulebook\PairVerdict;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\SampleSpecies;

/** What keepers know of company: common practice, no published source. */
final class CompanyPracticeTest extends TestCase
{
    public function test_two_of_one_genus_with_moods_are_warned_of_and_others_are_not(): void
    {
        $this->assertSame(PairVerdict::Watch, $this->verdict('oscar', 'oscar', 250));
        $this->assertSame(PairVerdict::Good, $this->verdict('severum', 'black-skirt-tetra', 70));
        $this->assertSame(PairVerdict::Good, $this->verdict('black-skirt-tetra', 'black-skirt-tetra', 60), 'a shoal among itself');
    }

    public function test_two_of_one_hard_species_in_one_home_are_never_simply_taken(): void
    {
        foreach (['red-devil', 'jaguar-cichlid', 'oscar'] as $key) {
            $species = SampleSpecies::named($key);
            $there = Example::fish($species, 'tank', ['2027-02-20' => 180], key: 'there');
            $facility = Example::facility([Example::tank('tank', 300, 100, 80, 26)], [$there]);
            $growth = new FacilityGrowth($facility);
            $residents = Residents::of(new Whereabouts($facility, []), fn (Fish $fish): LengthsAhead => LengthsAhead::of($facility, $growth->projectionOf($fish)));
            $candidate = Candidate::of($species, SampleSpecies::backgroundOf($key), 1, 150.0, HealthSeen::Well, 0, null, true);
            $weighed = WeighUp::of($candidate, $facility, $residents);
            $this->assertNotSame(Advice::Take, $weighed->advice, $key);
            $this->assertTrue($weighed->chain->stays === [] || $weighed->chain->stays[0]->company === ['There'], "{$key}: because of the one that is there");
        }
    }

    private function verdict(string $one, string $other, float $length): PairVerdict
    {
        return PairJudgement::of(
            new Occupant('One', SampleSpecies::named($one), 250, fish: 'one'), new Occupant('Other', SampleSpecies::named($other), $length, 6, fish: 'other'), new Rulebook,
        )->verdict;
    }
}
