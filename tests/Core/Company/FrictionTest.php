<?php

declare(strict_types=1);

namespace Tests\Core\Company;

use Biomegas\Company\Friction;
use Biomegas\Company\Mouthful;
use Biomegas\Company\PairReason;
use Biomegas\Facility\Diet;
use Biomegas\Facility\FeedingPace;
use Biomegas\Facility\Habits;
use Biomegas\Facility\HousingNeeds;
use Biomegas\Facility\Span;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Rulebook\Rulebook;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Example;
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
        yield 'a school among itself' => [[], $of(new Habits(temperament: 4), 'a', 100, new HousingNeeds(minimumGroup: 6)), $of(new Habits(temperament: 4), 'a', 60, new HousingNeeds(minimumGroup: 6))];
    }

    /** @param  list<array{string, float}>  $expected */
    #[DataProvider('pairs')]
    public function test_what_speaks_against_two(array $expected, Occupant $one, Occupant $other): void
    {
        $found = fn (Occupant $a, Occupant $b): array => array_map(
            fn (PairReason $reason): array => [str_replace('company.pair.', '', $reason->finding->code), $reason->weight],
            Friction::between($a, $b, new Rulebook),
        );
        $this->assertSame($expected, $found($one, $other));
        $this->assertSame($expected, $found($other, $one), 'whoever is named first');
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
