<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Watch;
use Illuminate\Testing\TestResponse;

/** Before a fish is bought: what would come of it, what could live here, and bringing it home. */
final class WeighUpTest extends ApiTestCase
{
    public function test_a_fast_catfish_is_taken_only_if_a_pond_is_ready(): void
    {
        $weighed = $this->weigh('Redtail catfish', ['quarantine_served' => 28])->assertOk()->json();

        $this->assertSame('only-if', $weighed['advice']);
        $this->assertMatchesRegularExpression('/^Take it only if a heated pond of [0-9.]+ by [0-9.]+ m inside is ready by \\d+ \\w+,/', $weighed['sentence']);
        $this->assertSame('pond', $weighed['chain']['build']['kind']);
        $this->assertGreaterThan(5000, $weighed['upkeep']['adult_mass_g']);
        $this->assertStringContainsString('lock and pierce', implode(' ', $weighed['cautions']));
        $leaves = array_column($weighed['chain']['stays'], 'leave');
        $sorted = $leaves;
        sort($sorted);
        $this->assertSame($sorted, $leaves, 'each home lasts longer than the one before');
    }

    public function test_conditions_name_group_quarantine_food_and_fallback(): void
    {
        $sentence = $this->weigh('Bala shark', ['health' => 'not-seen-eating'])->assertOk()->json('sentence');

        $this->assertStringContainsString('four more of them', $sentence);
        $this->assertStringContainsString('eat first', $sentence);
        $this->assertStringContainsString('28 days of quarantine', $sentence);
        $this->assertStringNotContainsString('quarantine', $this->weigh('Bala shark', ['quarantine_served' => 40])->json('sentence'));
        $this->assertStringContainsString('know where it goes', $this->weigh('Redtail catfish')->json('sentence'));
        $this->assertStringNotContainsString('know where it goes', $this->weigh('Redtail catfish', ['fallback' => 'the pond house'])->json('sentence'));
    }

    public function test_several_that_come_together_find_each_other_in_their_homes(): void
    {
        $alone = $this->weigh('Oscar', ['quarantine_served' => 28])->assertOk()->json();
        $crowd = ['species_id' => $this->species('Oscar'), 'count' => 3];
        $together = $this->weigh('Oscar', ['quarantine_served' => 28, 'with' => [$crowd]])->assertOk()->json();

        $this->assertStringContainsString('Oscar in', $together['sentence']);
        $this->assertStringNotContainsString('Oscar in', $alone['sentence']);
        $this->weigh('Oscar', ['with' => [['species_id' => 9999]]])->assertUnprocessable()->assertJsonValidationErrors(['with.0.species_id']);
    }

    public function test_not_sure_what_it_is_the_worst_case_is_named_first_with_the_mark_that_will_tell(): void
    {
        $as = fn (string $species): array => $this->weigh($species, ['length' => '9 cm'])->assertOk()->json();
        $perhaps = ['perhaps' => [['species_id' => $this->species('Clown knifefish'), 'weight' => 0.4]], 'length' => '9 cm'];
        $unsure = $this->weigh('African knifefish', $perhaps)->assertOk()->json();
        [$small, $large] = [$as('African knifefish'), $as('Clown knifefish')];

        $this->assertSame('It may be Clown knifefish (40 %). '.$large['sentence'], $unsure['sentence']);
        $this->assertSame([$large['advice'], $large['chain']], [$unsure['advice'], $unsure['chain']]);
        $this->assertSame([['Clown knifefish', 0.4, $large['sentence']], ['African knifefish', 0.6, $small['sentence']]], array_map(fn (array $life): array => [$life['species'], $life['share'], $life['sentence']], $unsure['unsure']['lives']));
        $this->assertLessThan($small['adult_mm']['high'] + 1, $unsure['unsure']['adult_mm']['likely'], 'six in ten that it is the small one');
        $this->assertGreaterThan($large['adult_mm']['low'], $unsure['unsure']['adult_mm']['high']);
        $this->assertSame([['African knifefish', 'no fin on the back at all, short barbels', self::TODAY]], array_map(fn (array $mark): array => [$mark['species'], $mark['marks'], $mark['shows_on']], $unsure['unsure']['marks']));

        $royal = $this->weigh('Royal knifefish', $perhaps)->json('unsure.marks.0');
        $this->assertGreaterThan(self::TODAY, $royal['shows_on']);
        $this->assertLessThan('2028-03-13', $royal['shows_on']);
        $this->weigh('Royal knifefish', ['perhaps' => [['species_id' => $this->species('Clown knifefish'), 'weight' => 0.6], ['species_id' => $this->species('Oscar'), 'weight' => 0.4]]])->assertUnprocessable()->assertJsonValidationErrors('perhaps');
    }

    public function test_it_arrives_as_what_it_may_be(): void
    {
        $perhaps = [['species_id' => $this->species('Tiger shovelnose'), 'weight' => 0.3]];
        $id = $this->acquire(['name' => 'Unsure', 'candidates' => $perhaps])->assertCreated()->json('id');
        $this->assertSame($perhaps, $this->getJson("/api/v1/fish/{$id}")->json('identity.candidates'));
        $this->deleteJson("/api/v1/fish/{$id}")->assertNoContent();
        $this->acquire(['name' => 'Unsure', 'candidates' => [['species_id' => $this->species('Redtail catfish'), 'weight' => 0.3]]])->assertUnprocessable()->assertJsonValidationErrors('candidates.0.species_id');

        $rows = "name,species,system\nMaybe,Redtail catfish or tiger shovelnose,Long tank\nNever,Redtail catfish or redtail catfish,Long tank\nOdd,Redtail catfish or griffin,Long tank";
        $errors = array_column($this->postJson('/api/v1/fish/table/preview', ['text' => $rows])->assertOk()->json('rows'), 'errors');
        $this->assertSame([[], ['species' => 'The same species stands here twice.'], ['species' => 'No species here is called "griffin". Correct it, or add that species first.']], $errors);
        $this->postJson('/api/v1/fish/table', ['text' => $rows])->assertCreated();
        $this->assertSame([0.5], array_column($this->getJson('/api/v1/fish/'.$this->fish('Maybe'))->json('identity.candidates'), 'weight'));
    }

    public function test_a_sick_or_salt_water_fish_is_left_where_it_is(): void
    {
        $this->weigh('Oscar', ['health' => 'sick'])->assertOk()->assertJsonPath('advice', 'do-not');
        $grouper = $this->weigh('Panther grouper')->assertOk()->assertJsonPath('advice', 'do-not')->json();

        $this->assertStringContainsString('marine', $grouper['sentence']);
        $this->assertSame([], $grouper['chain']['stays']);
    }

    public function test_what_cannot_be_weighed_names_its_field(): void
    {
        $this->getJson('/api/v1/weigh-up')->assertUnprocessable()->assertJsonValidationErrors(['species_id']);
        foreach (['count' => '0', 'length' => 'big', 'price' => '-3', 'health' => 'fine', 'quarantine_served' => '-1'] as $field => $value) {
            $this->weigh('Oscar', [$field => $value])->assertUnprocessable()->assertJsonValidationErrors([$field]);
        }
        $this->weigh('Oscar', ['length' => '3 m'])->assertUnprocessable()->assertJsonValidationErrors(['length']);
    }

    public function test_what_could_live_here_is_ranked_with_reasons(): void
    {
        $rows = $this->getJson('/api/v1/systems/'.$this->system('Lock pond').'/suitable-species')->assertOk()->json();
        $fits = array_column($rows, 'fit');
        $ranked = $fits;
        usort($ranked, fn (string $a, string $b): int => array_search($a, ['for-life', 'until', 'not'], true) <=> array_search($b, ['for-life', 'until', 'not'], true));
        $allSpecies = array_column($rows, null, null);
        $byKey = [];
        foreach ($allSpecies as $row) {
            $byKey[$row['species']['key']] = $row;
        }

        $this->assertSame($ranked, $fits);
        $this->assertSame('for-life', $byKey['tench']['fit']);
        $this->assertGreaterThan(3, $byKey['koi']['most']);
        $this->assertSame('not', $byKey['oscar']['fit']);
        $this->assertStringContainsString('falls to 4 °C in winter', $byKey['oscar']['because']);
        $this->assertStringContainsString('marine', $byKey['red-lionfish']['because']);
    }

    public function test_acquired_it_lives_here_with_its_plan_and_may_be_taken_back(): void
    {
        $id = $this->acquire(['name' => 'Ember', 'length' => '7 cm', 'method' => 'ruler', 'price' => 24.5, 'origin' => 'tank-raised', 'fallback' => 'The pond house'])
            ->assertCreated()->json('id');
        $sheet = $this->getJson("/api/v1/fish/{$id}")->assertOk()->json();

        $this->assertSame('Ember', $sheet['fish']['name']);
        $this->assertEqualsWithDelta(70, $sheet['measurements'][0]['length_mm'], 1e-6);
        $this->assertSame(['display', 'tank-raised', 'The pond house', 24.5], [$sheet['circumstances']['purpose'], $sheet['circumstances']['origin'], $sheet['circumstances']['fallback'], $sheet['circumstances']['price']]);
        $this->assertSame('Long tank', $sheet['chain']['stays'][0]['name']);
        $this->assertTrue($sheet['chain']['stays'][count($sheet['chain']['stays']) - 1]['is_for_life']);
        $this->deleteJson("/api/v1/fish/{$id}")->assertNoContent();
        $this->getJson("/api/v1/fish/{$id}")->assertNotFound();
    }

    public function test_from_the_bag_into_quarantine_and_under_watch_in_one_go(): void
    {
        $id = $this->acquire(['name' => 'Ember', 'quarantine_days' => 21, 'is_watched' => true])->assertCreated()->json('id');
        $moves = $this->getJson('/api/v1/moves')->assertOk()->json();

        $this->assertContains(['Ember', '2027-04-03'], array_map(fn (array $row): array => [$row['name'], $row['ends']], $moves['quarantines']));
        $this->assertContains('Ember', data_get($moves, 'additions.*.watches.*.name'));
        $this->deleteJson("/api/v1/fish/{$id}")->assertNoContent();
        $this->assertNotContains('Ember', data_get($this->getJson('/api/v1/moves')->json(), 'additions.*.watches.*.name'));

        $id = $this->acquire(['name' => 'Ember', 'is_watched' => true])->assertCreated()->json('id');
        $watch = Watch::query()->where('fish_id', $id)->sole()->id;
        $this->postJson("/api/v1/watches/{$watch}/checks", ['has_eaten' => true, 'exceptions' => []])->assertCreated();
        $this->deleteJson("/api/v1/fish/{$id}")->assertUnprocessable()->assertJsonValidationErrorFor('fish');
        $this->acquire(['name' => 'Late', 'date' => '2027-03-10', 'is_watched' => true])->assertUnprocessable()->assertJsonValidationErrorFor('is_watched');
    }

    public function test_what_is_known_of_the_bag_tells_how_it_is_brought_across(): void
    {
        $bag = fn (string $more = ''): TestResponse => $this->getJson("/api/v1/systems/{$this->system('Long tank')}/bag?species_id={$this->species('Redtail catfish')}{$more}");
        $unknown = $bag()->assertOk()->json();

        $this->assertStringStartsWith('Float the closed bag for 20 minutes', $unknown['sentence']);
        $this->assertSame('bag-dark', $unknown['steps'][0]['key']);
        $this->assertStringContainsString('turns to poison', $bag('&celsius=20&ph=6.5&hours=30&litres=2 l&length=12 cm')->assertOk()->json('sentence'));
        foreach (['celsius=warm' => 'celsius', 'ph=sour' => 'ph', 'hours=99' => 'hours', 'litres=much' => 'litres', 'length=long' => 'length', 'count=0' => 'count'] as $asked => $field) {
            $bag("&{$asked}")->assertUnprocessable()->assertJsonValidationErrorFor($field);
        }
    }

    public function test_a_fish_with_a_history_is_not_simply_deleted(): void
    {
        $this->deleteJson('/api/v1/fish/'.$this->fish('Bramble'))->assertUnprocessable()->assertJsonValidationErrors(['fish']);
        $this->assertDatabaseHas('fish', ['name' => 'Bramble']);
    }

    public function test_arrivals_that_cannot_be_name_their_field_and_leave_nothing_behind(): void
    {
        foreach (['name' => 'Bramble', 'species_id' => 9999, 'count' => 0, 'system_id' => 9999, 'date' => '2031-01-01', 'length' => 'long', 'origin' => 'space', 'price' => -1] as $field => $value) {
            $this->acquire(['name' => 'Ember', $field => $value])->assertUnprocessable()->assertJsonValidationErrors([$field]);
        }
        $this->assertDatabaseMissing('fish', ['name' => 'Ember']);
    }

    public function test_a_fish_is_renamed_unless_another_has_the_name(): void
    {
        $rest = ['purpose' => 'display', 'origin' => null, 'fallback' => null];
        $at = '/api/v1/fish/'.$this->fish('Burr').'/circumstances';

        $this->putJson($at, ['name' => 'Bramble', ...$rest])->assertUnprocessable()->assertJsonPath('errors.name.0', 'Somebody here has this name already. Choose another.');
        $this->putJson($at, ['name' => '', ...$rest])->assertUnprocessable();
        $this->putJson($at, ['name' => 'Burdock', ...$rest])->assertOk()->assertJsonPath('name', 'Burdock');
        $this->putJson($at, $rest)->assertOk()->assertJsonPath('name', 'Burdock');
        $this->putJson($at, ['name' => 'Burr', ...$rest])->assertOk();
    }

    public function test_fast_and_aggressive_fish_without_a_fallback_are_reminded_of(): void
    {
        $wanted = array_column($this->getJson('/api/v1/today')->assertOk()->json('fallbacks'), 'reason', 'name');
        $this->assertArrayHasKey('Burr', $wanted);
        $this->assertArrayNotHasKey('Thistle', $wanted, 'it has one');
        $this->putJson('/api/v1/fish/'.$this->fish('Burr').'/circumstances', ['purpose' => 'display', 'origin' => null, 'fallback' => 'Back to the breeder'])->assertOk();

        $this->assertArrayNotHasKey('Burr', array_column($this->getJson('/api/v1/today')->json('fallbacks'), 'reason', 'name'));
    }

    /** @param  array<string, mixed>  $more */
    private function weigh(string $species, array $more = []): TestResponse
    {
        return $this->getJson('/api/v1/weigh-up?'.http_build_query(['species_id' => $this->species($species), ...$more]));
    }

    /** @param  array<string, mixed>  $more */
    private function acquire(array $more): TestResponse
    {
        return $this->postJson('/api/v1/fish', ['species_id' => $this->species('Redtail catfish'), 'count' => 1, 'system_id' => $this->system('Long tank'), 'date' => self::TODAY, ...$more]);
    }

    private function species(string $name): int
    {
        return (int) \App\Models\Species::query()->where('common_name', $name)->firstOrFail()->id;
    }
}
