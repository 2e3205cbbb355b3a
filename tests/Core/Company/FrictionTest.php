<?php

declare(strict_types=1);

namespace Tests\Core\Company;

use Biomegas\Company\Friction;
use Biomegas\Company\Mouthful;
use Biomegas\Company\PairJudgement;
use Biomegas\Company\PairReason;
use Biomegas\Company\TemperSeen;
use Biomegas\Facility\Diet;
use Biomegas\Facility\FeedingPace;
use Biomegas\Facility\Group\Sexes;
use Biomegas\Facility\Habits;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\Manner;
use Biomegas\Facility\Span;
use Biomegas\Facility\Temper;
use Biomegas\Finding\Finding;
use Biomegas\Housing\Judgement;
use Biomegas\Housing\Verdict\HousingCase;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Rulebook\OwnVerdict;
use Biomegas\Rulebook\PairVerdict;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
use Tests\Said;
use Tests\SampleSpecies;

final class FrictionTest extends TestCase
{
    /** @return iterable<string, array{list<array{string, float}>, Occupant, Occupant}> codes and weights, the heaviest first */
    public static function pairs(): iterable
    {
        $of = fn (Habits $habits, string $key, float $length = 100, HousingNeeds $needs = new HousingNeeds): Occupant => new Occupant(ucfirst($key), Example::of(needs: $needs, habits: $habits, key: $key), $length);
        $mild = new Habits(temperament: 2);
        yield 'two mild ones of one genus' => [[], $of($mild, 'a'), $of($mild, 'b')];
        yield 'rivals of one genus' => [[['alike', 2.0]], $of(new Habits(temperament: 3), 'a'), $of($mild, 'b')];
        yield 'a killer beside a small one' => [[['temper_stronger', 5.0], ['alike', 2.0]], $of(new Habits(temperament: 5), 'a', 200), $of($mild, 'b')];
        yield 'a killer beside one of its length' => [[['temper', 4.0], ['alike', 2.0]], $of($mild, 'b', 180), $of(new Habits(temperament: 5), 'a', 200)];
        yield 'two ill-tempered ones' => [[['temper_stronger', 3.0], ['alike', 2.0]], $of(new Habits(temperament: 4), 'a', 200), $of(new Habits(temperament: 4), 'b', 150)];
        yield 'a nipper and long fins' => [[['nips', 3.0]], $of(new Habits(temperament: 2, nipsFins: true), 'a'), $of(new Habits(temperament: 2, hasLongFins: true), 'b')];
        yield 'fast beside slow' => [[['steals_food', 2.0]], $of(new Habits(temperament: 2, pace: FeedingPace::Slow), 'a'), $of(new Habits(temperament: 2, pace: FeedingPace::Fast), 'b')];
        yield 'a grazer and a hunter' => [[['diets', 1.0]], $of(new Habits(temperament: 2, diet: Diet::Grazer), 'a'), $of(new Habits(temperament: 2, diet: Diet::Meat), 'b')];
        yield 'soft water and hard' => [[['water', 1.0]], $of($mild, 'a', 100, new HousingNeeds(ph: new Span(5, 6.5))), $of($mild, 'b', 100, new HousingNeeds(ph: new Span(7.5, 8.5)))];
        yield 'one that has hurt the other' => [[['hurt', 4.0]], new Occupant('A', Example::of(habits: $mild, key: 'a'), 100, fish: 'a', manner: new Manner(hurt: ['b' => 2, 'c' => 9])), new Occupant('B', Example::of(habits: $mild, key: 'b'), 100, fish: 'b')];
        yield 'a bully of a mild kind' => [[['temper', 4.0], ['alike', 2.0]], new Occupant('A', Example::of(habits: $mild, key: 'a'), 100, manner: new Manner(Temper::Bully)), $of($mild, 'b')];
        yield 'a calm one of a kind that kills' => [[], new Occupant('A', Example::of(habits: new Habits(temperament: 5), key: 'a'), 100, manner: new Manner(Temper::Calm)), $of($mild, 'b')];
        yield 'a group-fish without its group' => [[['alike', 2.0], ['too_few', 1.0]], $of($mild, 'a', 100, new HousingNeeds(minimumGroup: 6)), $of(new Habits(temperament: 3), 'b')];
        yield 'a school among itself' => [[], $of(new Habits(temperament: 4), 'a', 100, new HousingNeeds(minimumGroup: 6)), $of(new Habits(temperament: 4), 'a', 60, new HousingNeeds(minimumGroup: 6))];
    }

    /** @param  list<array{string, float}>  $expected */
    #[DataProvider('pairs')]
    public function test_what_speaks_against_two(array $expected, Occupant $one, Occupant $other): void
    {
        $found = fn (Occupant $a, Occupant $b): array => array_map(
            fn (PairReason $reason): array => [str_replace('company.pair.', '', $reason->finding->code), $reason->weight],
            array_values(array_filter(Friction::between($a, $b, new Rulebook), fn (PairReason $reason): bool => $reason->weight > 0.0)),
        );
        $this->assertSame($expected, $found($one, $other));
        $this->assertSame($expected, $found($other, $one), 'whoever is named first');
    }

    public function test_advice_weighs_nothing(): void
    {
        $of = fn (string $key, ?string $region, Sexes $sexes): Occupant => new Occupant(ucfirst($key), Example::of(habits: new Habits(temperament: 2, region: $region), key: $key), 100, sexes: $sexes);
        $said = fn (Occupant $a, Occupant $b): string => Said::of(array_map(fn (PairReason $reason): Finding => $reason->finding, Friction::between($a, $b, new Rulebook)));
        $this->assertSame('A and B may breed with each other: the young are neither.', $said($of('a', null, new Sexes(males: 1)), $of('b', 'Amazon', new Sexes(unknown: 1))));
        $this->assertSame('A comes from Amazon, B from Congo.', $said($of('a', 'Amazon', new Sexes(males: 1)), $of('b', 'Congo', new Sexes(males: 2))), 'two males do not breed');
        $this->assertSame([0.0, 0.0], array_map(fn (PairReason $reason): float => $reason->weight, Friction::between($of('a', 'Amazon', new Sexes(males: 1)), $of('b', 'Congo', new Sexes(females: 1)), new Rulebook)));
    }

    public function test_the_keeper_s_own_word_outweighs_all(): void
    {
        $killer = new Occupant('A', Example::of(habits: new Habits(temperament: 5), key: 'a'), 300, fish: 'a');
        $small = new Occupant('B', Example::of(habits: new Habits(temperament: 2), key: 'b'), 50, fish: 'b');
        $rulebook = (new Rulebook)->withVerdicts([new OwnVerdict('b', 'a', PairVerdict::Good, 'Grown up together.')]);
        $this->assertSame(PairVerdict::Avoid, PairJudgement::of($killer, $small, new Rulebook)->verdict);
        $this->assertSame([PairVerdict::Good, 'Grown up together.'], [PairJudgement::of($killer, $small, $rulebook)->verdict, PairJudgement::of($small, $killer, $rulebook)->own?->reason]);
        $this->assertSame(PairVerdict::Avoid, PairJudgement::of($killer, $small->onlyThoughtOf(), $rulebook)->verdict, 'it is of these two alone');

        $judged = fn (Occupant $newcomer, Rulebook $rulebook, bool $livesThere): string => Said::of(array_filter([Judgement::obstacleIn(new HousingCase($newcomer, Example::tank('tank', 400, 200), [$small], $rulebook, $livesThere))?->finding]));
        $this->assertStringContainsString('can swallow', $judged($killer, new Rulebook, false));
        $this->assertSame('', $judged($killer, $rulebook, false));
        $apart = (new Rulebook)->withVerdicts([new OwnVerdict('a', 'b', PairVerdict::Avoid, 'They fought in spring.')]);
        $mild = new Occupant('A', Example::of(habits: new Habits(temperament: 2), key: 'a'), 60, fish: 'a');
        $this->assertSame('You keep A and B apart: They fought in spring.', $judged($mild, $apart, true));
        $bully = new Occupant('A', Example::of(habits: new Habits(temperament: 2, mouthRatio: 0.1), key: 'a'), 100, fish: 'a', manner: new Manner(Temper::Bully));
        $this->assertSame('A and B are best kept apart. A is hard on company, temper 5 of 5, and much longer than B. A and B are of one genus or look alike, and take each other for rivals.', $judged($bully, new Rulebook, false));
        $this->assertSame('', $judged($bully, new Rulebook, true), 'whether those that live together get on is seen');
    }

    public function test_the_temper_that_the_log_shows(): void
    {
        $this->assertSame(Temper::Bully, (new TemperSeen(9, 3, 2, 0))->temper());
        $this->assertSame('A bully: it left its mark 3 times on 2 over the last year.', Said::of(array_filter([(new TemperSeen(9, 3, 2, 0))->finding()])));
        $this->assertSame(Temper::Usual, (new TemperSeen(9, 3, 1, 0))->temper(), 'one rival is no habit');
        $this->assertSame(Temper::Usual, (new TemperSeen(0, 0, 0, 200))->temper(), 'nobody watched for long');
        $this->assertSame('Calm: not one act of its own in 300 watched minutes.', Said::of(array_filter([(new TemperSeen(0, 0, 0, 300))->finding()])));
        $this->assertSame([Temper::Calm, 'Calm, as its keeper says.'], [(new TemperSeen(9, 5, 3, 0, Temper::Calm))->temper(), Said::of(array_filter([(new TemperSeen(9, 5, 3, 0, Temper::Calm))->finding()]))]);
        $this->assertSame([2, 3, 5], [Temper::Calm->of(4), Temper::Usual->of(3), Temper::Bully->of(1)]);
    }

    /** Common practice, no published source. */
    public function test_mouths_as_keepers_know_them(): void
    {
        $as = fn (string $species, float $length): Occupant => new Occupant($species, SampleSpecies::named($species), $length, fish: "{$species} {$length}");
        $this->assertFalse(Mouthful::swallows($as('ocellate-river-ray', 100), $as('scalare', 60)), 'a ray of 10 cm disc does not take tankmates of 6 to 7.5 cm');
        $this->assertFalse(Mouthful::swallows($as('severum', 300), $as('scalare', 76)), 'a newcomer of 7.6 cm is ignored by small-mouthed residents up to 30 cm');
        $this->assertTrue(Mouthful::swallows($as('clown-knifefish', 400), $as('scalare', 45)));
    }
}
