<?php

declare(strict_types=1);

namespace Tests\Api;

use Spatie\Activitylog\Models\Activity;

/** What the growth of a fish rests on, what it is taken for, and what would be if. */
final class KnowledgeTest extends ApiTestCase
{
    public function test_a_sheet_says_where_its_knowledge_comes_from(): void
    {
        $knowledge = $this->sheet('Bramble')['knowledge'];

        $this->assertEqualsWithDelta(1.0, $knowledge['from_own'] + $knowledge['from_kin'] + $knowledge['from_species'], 0.002);
        $this->assertGreaterThan(0.3, $knowledge['from_own']);
        $this->assertSame(1, $knowledge['kin'], 'Yarrow');
        $this->assertSame('none', $knowledge['stall']);
        $this->assertGreaterThan(300, $knowledge['mass_g']);
    }

    public function test_the_stalled_fish_of_the_demo_is_reported_and_its_lengths_are_believed(): void
    {
        $sheet = $this->sheet('Burr');

        $this->assertSame('stalled', $sheet['knowledge']['stall']);
        $this->assertSame([], $sheet['flagged']);
        $this->assertLessThan(180, $sheet['fish']['length_mm']['likely'], 'from its last length of about 15 cm');
        $this->assertGreaterThan(280, $sheet['adult_mm']['likely'], 'a stall is never its adult size');
    }

    public function test_an_unsure_fish_names_its_worst_case(): void
    {
        $sheet = $this->sheet('Moss');

        $this->assertCount(2, $sheet['knowledge']['candidates']);
        $this->assertSame('Tambaqui', $sheet['fish']['home']['worst_species']);
        $this->assertNotNull($sheet['fish']['home']['worst']['likely']);
        $this->assertNull($this->sheet('Bramble')['fish']['home']['worst_species']);
    }

    public function test_the_largest_of_a_shoal_is_longer_than_its_mean(): void
    {
        $sheet = $this->sheet('Barbs');

        $this->assertGreaterThan($sheet['fish']['length_mm']['likely'], $sheet['knowledge']['largest_mm']);
        $this->assertLessThan($sheet['fish']['length_mm']['likely'], $sheet['knowledge']['smallest_mm']);
        $this->assertSame(5, $sheet['measurements'][0]['sample']);
    }

    public function test_re_identified_it_keeps_its_lengths_and_is_projected_anew(): void
    {
        $before = $this->sheet('Bramble');
        $tambaqui = $this->species('Tambaqui');
        $this->putJson('/api/v1/fish/'.$this->fish('Bramble').'/identity', ['species_id' => $tambaqui, 'candidates' => [], 'sex' => 'female', 'hatched_on' => null])
            ->assertOk()->assertJsonPath('species_id', $tambaqui)->assertJsonPath('sex', 'female');
        $after = $this->sheet('Bramble');

        $this->assertSame($before['measurements'], $after['measurements']);
        $this->assertSame('Tambaqui', $after['fish']['species']);
        $this->assertNotSame($before['adult_mm'], $after['adult_mm']);
        $change = Activity::query()->where(['subject_type' => \App\Models\Fish::class, 'event' => 'updated'])->firstOrFail();
        $this->assertSame($before['identity']['species_id'], $change->changes()['old']['species_id']);
    }

    public function test_identities_that_cannot_be_name_their_field(): void
    {
        $gourami = $this->species('Giant gourami');
        $pacu = $this->species('Red-bellied pacu');
        foreach ([
            'species_id' => ['species_id' => 999, 'candidates' => []],
            'candidates.0.species_id' => ['species_id' => $gourami, 'candidates' => [['species_id' => $gourami, 'weight' => 0.5]]],
            'candidates.0.weight' => ['species_id' => $gourami, 'candidates' => [['species_id' => $pacu, 'weight' => 1.5]]],
            'candidates' => ['species_id' => $gourami, 'candidates' => [['species_id' => $pacu, 'weight' => 0.6], ['species_id' => $this->species('Tambaqui'), 'weight' => 0.5]]],
            'sex' => ['species_id' => $gourami, 'candidates' => [], 'sex' => 'both'],
            'hatched_on' => ['species_id' => $gourami, 'candidates' => [], 'hatched_on' => '2031-01-01'],
        ] as $field => $identity) {
            $this->putJson('/api/v1/fish/'.$this->fish('Bramble').'/identity', $identity)->assertUnprocessable()->assertJsonValidationErrors([$field]);
        }
    }

    public function test_more_food_and_a_smaller_home_bring_the_day_nearer_and_nothing_is_saved(): void
    {
        $before = $this->sheet('Pip');
        $fed = $this->whatIf('Pip', ['ration' => 'several'])->assertOk()->json();
        $kept = $this->whatIf('Pip', ['system_id' => $this->system('Cabin tank')])->assertOk()->json();
        $small = $this->whatIf('Pip', ['adult' => '40 cm'])->assertOk()->json();
        $cold = $this->whatIf('Pip', ['temperature_c' => 19])->assertOk()->json();
        $likely = $before['fish']['home']['outgrows']['likely'];

        $this->assertLessThan($likely, $fed['outgrows']['likely']);
        $this->assertSame('Cabin tank', $kept['home']);
        $this->assertLessThan($likely, $kept['outgrows']['likely']);
        $this->assertLessThan($before['adult_mm']['likely'], $small['adult_mm']['likely']);
        $this->assertTrue($cold['outgrows']['likely'] === null || $cold['outgrows']['likely'] > $likely);
        $this->assertSame($before, $this->sheet('Pip'));
    }

    public function test_a_what_if_without_changes_is_the_present_future(): void
    {
        $same = $this->whatIf('Pip', [])->assertOk()->json();

        $this->assertSame($this->sheet('Pip')['fish']['home']['outgrows'], $same['outgrows']);
    }

    public function test_impossible_what_ifs_name_their_field(): void
    {
        foreach (['temperature_c' => 78, 'ration' => 'feast', 'system_id' => 999, 'adult' => 'huge'] as $field => $value) {
            $this->whatIf('Pip', [$field => $value])->assertUnprocessable()->assertJsonValidationErrors([$field]);
        }
    }

    /** @return array<string, mixed> */
    private function sheet(string $name): array
    {
        return $this->getJson('/api/v1/fish/'.$this->fish($name))->assertOk()->json();
    }

    /** @param  array<string, mixed>  $changes */
    private function whatIf(string $name, array $changes): \Illuminate\Testing\TestResponse
    {
        return $this->getJson('/api/v1/fish/'.$this->fish($name).'/what-if?'.http_build_query($changes));
    }

    private function species(string $name): int
    {
        return array_column($this->getJson('/api/v1/species')->assertOk()->json(), 'id', 'common_name')[$name];
    }
}
