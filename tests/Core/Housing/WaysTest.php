<?php

declare(strict_types=1);

namespace Tests\Core\Housing;

use Biomegas\Facility\Animal;
use Biomegas\Facility\Background;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\Group\Sexes;
use Biomegas\Facility\Habits;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\LegalStatus;
use Biomegas\Facility\PlantManners;
use Biomegas\Facility\Prey;
use Biomegas\Facility\System;
use Biomegas\Facility\Way;
use Biomegas\Housing\Rule\FittingsRule;
use Biomegas\Housing\Rule\GroupRule;
use Biomegas\Housing\Rule\PreyRule;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Planning\WeighUp\Cautions;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;

/** What a species does, eats and may do, as it decides of a home. Common practice, no published source. */
final class WaysTest extends TestCase
{
    public function test_one_that_digs_itself_in_never_goes_into_a_lined_pond(): void
    {
        $crayfish = new Occupant('Claw', Example::of(needs: new HousingNeeds(ways: [Way::Burrower])), 90);

        $refused = (new FittingsRule)->judge(self::case(Example::pond('lock-pond'), $crayfish));
        $this->assertFalse($refused?->passes);
        $this->assertStringContainsString('cuts liners: never', Said::of($refused->finding));
        $this->assertNull((new FittingsRule)->judge(self::case(Example::tank('tank', 120, 50), $crayfish)), 'glass does not mind');
    }

    public function test_a_jumper_wants_a_lid_and_a_diver_sand_unless_its_needs_say_more(): void
    {
        $needs = new HousingNeeds(fittings: [Fitting::TightLid], ways: [Way::Jumper, Way::Diver]);

        $this->assertSame([Fitting::TightLid, Fitting::Sand], $needs->allFittings(), 'a tight lid is a lid');
        $this->assertSame([Fitting::Lid], (new HousingNeeds(ways: [Way::Jumper]))->allFittings());
    }

    public function test_some_group_fish_are_as_well_off_alone_or_as_a_pair(): void
    {
        $needs = new HousingNeeds(minimumGroup: 5, mayLiveAlone: true);
        $passes = fn (int $count): ?bool => (new GroupRule)->judge(self::case(Example::tank('tank', 120, 50), new Occupant('Disc', Example::of(needs: $needs), 90, $count)))?->passes;

        $this->assertSame([true, true, false, false, true], array_map($passes, [1, 2, 3, 4, 5]));
    }

    public function test_two_males_are_no_pair(): void
    {
        $disc = Example::of(needs: new HousingNeeds(minimumGroup: 5, mayLiveAlone: true));
        $said = fn (Sexes ...$each): string => Said::of((new GroupRule)->judge(new HousingCase(
            new Occupant('Disc', $disc, 90, sexes: $each[0]), Example::tank('tank', 120, 50), [new Occupant('Other', $disc, 90, sexes: $each[1])], new Rulebook,
        ))?->finding);

        $this->assertSame('Two males of Invented fish are no pair and do not live together.', $said(new Sexes(males: 1), new Sexes(males: 1)));
        $this->assertStringContainsString('as a pair', $said(new Sexes(males: 1), new Sexes(females: 1)));
        $this->assertStringContainsString('as a pair', $said(new Sexes(males: 1), new Sexes(unknown: 1)));
    }

    public function test_snails_do_not_live_with_those_who_eat_them_whoever_comes_second(): void
    {
        $snail = new Occupant('Coil', Example::of(key: 'snail', habits: new Habits(animal: Animal::Snail)), 25);
        $loach = new Occupant('Clown', Example::of(key: 'loach', habits: new Habits(eats: [Prey::Snails])), 90);
        $home = Example::tank('tank', 120, 50);

        $this->assertSame('Clown eats snails: Coil would not last.', Said::of((new PreyRule)->judge(self::case($home, $loach, [$snail]))?->finding));
        $this->assertFalse((new PreyRule)->judge(self::case($home, $snail, [$loach]))?->passes);
        $this->assertNull((new PreyRule)->judge(self::case($home, $loach, [$loach])));
    }

    public function test_shrimp_and_plants_that_one_wants_are_eaten_by_others(): void
    {
        $home = Example::tank('tank', 120, 50);
        $shrimp = new Occupant('Glass', Example::of(key: 'shrimp', habits: new Habits(animal: Animal::Shrimp)), 45);
        $hunter = new Occupant('Pike', Example::of(key: 'pike', habits: new Habits(eats: [Prey::Shrimp])), 120);
        $grazer = new Occupant('Ox', Example::of(key: 'ox', habits: new Habits(plants: PlantManners::Eats)), 120);
        $planted = new Occupant('Leaf', Example::of(key: 'leaf', needs: new HousingNeeds(fittings: [Fitting::Plants])), 60);
        $said = fn (Occupant $newcomer, Occupant $resident): string => Said::of((new PreyRule)->judge(self::case($home, $newcomer, [$resident]))?->finding);

        $this->assertSame('Pike eats shrimp: Glass would not last.', $said($shrimp, $hunter));
        $this->assertSame('Ox eats the plants that Leaf wants.', $said($grazer, $planted));
        $this->assertSame('', $said($shrimp, $grazer));
        $this->assertSame('', $said($hunter, new Occupant('Feed', $shrimp->species, 20, isFood: true)));
    }

    public function test_law_and_conservation_caution_at_acquiring_and_at_parting(): void
    {
        $invasive = new Background(status: [LegalStatus::Invasive, LegalStatus::Endangered]);

        $this->assertStringContainsString('ask your authority whether you may keep it', Said::of(Cautions::ofKind($invasive)[0]));
        $this->assertSame(
            ['Invasive in places: ask your authority before you sell it, give it away or send it.', 'Endangered in the wild: its papers go with it.', 'Never release it into the wild.'],
            array_map(Said::of(...), Cautions::atParting($invasive)),
        );
    }

    /** @param  list<Occupant>  $residents */
    private static function case(System $home, Occupant $newcomer, array $residents = []): HousingCase
    {
        return new HousingCase($newcomer, $home, $residents, new Rulebook);
    }
}
