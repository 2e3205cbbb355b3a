<?php

declare(strict_types=1);

namespace Tests\Api;

/** Example: as they came, with the keeper's own values over them. */
final class SpeciesTest extends ApiTestCase
{
    public function test_lists_every_kind_with_its_roles_and_who_lives_here(): void
    {
        $allSpecies = array_column($this->getJson('/api/v1/species')->assertOk()->json(), null, 'key');

        $this->assertGreaterThan(100, count($allSpecies));
        $this->assertSame(2, $allSpecies['giant-gourami']['here']);
        $this->assertContains('dither', $allSpecies['cardinal-tetra']['roles']);
        $this->assertContains('bottom', $allSpecies['sterlet']['roles']);
        $this->assertFalse($allSpecies['oscar']['is_edited']);
    }

    public function test_a_sheet_shows_how_the_claims_were_weighed(): void
    {
        $sheet = $this->sheet('Giant gourami');

        $this->assertSame(['literature', 'label', 'keepers'], array_column($sheet['claims'], 'kind'));
        $this->assertEqualsWithDelta(1.0, array_sum(array_column($sheet['claims'], 'share')), 0.002);
        $this->assertGreaterThan($sheet['claims'][1]['share'], $sheet['claims'][0]['share'], 'literature counts for more than a label');
        $this->assertSame('Elephant-ear gourami', $sheet['look_alikes'][0]['name']);
        $this->assertSame(0.0, (float) array_column($this->sheet('Oscar')['claims'], 'share', 'kind')['record']);
        $this->assertStringContainsString('common practice', $this->sheet('Oscar')['sources']['least_home']);
    }

    public function test_an_own_value_is_marked_moves_the_fish_and_can_be_taken_back(): void
    {
        $before = $this->sheet('Oscar');
        $limit = fn (): float => $this->getJson('/api/v1/fish/'.$this->fish('Thistle'))->json('fish.home.limit_mm');
        $limitBefore = $limit();
        $changed = [...$before['description'], 'swimming' => 'racing'];
        $this->putJson('/api/v1/species/'.$before['species']['id'], ['description' => $changed])->assertOk()
            ->assertJsonPath('edited', ['swimming'])->assertJsonPath('species.is_edited', true);
        $this->assertLessThan($limitBefore, $limit());

        $this->putJson('/api/v1/species/'.$before['species']['id'], ['description' => $before['description']])->assertOk()->assertJsonPath('edited', []);
        $this->assertSame($limitBefore, $limit());
    }

    public function test_a_kind_of_the_keepers_own_is_added_and_taken_out(): void
    {
        $species = $this->postJson('/api/v1/species', ['description' => $this->invented('Millrace loach'), 'form' => 'eel'])
            ->assertCreated()->assertJsonPath('is_shipped', false)->assertJsonPath('species.key', 'millrace-loach')->json('species.id');
        $this->deleteJson("/api/v1/species/{$species}")->assertNoContent();
        $this->getJson("/api/v1/species/{$species}")->assertNotFound();
    }

    public function test_extreme_kinds_get_an_honest_answer(): void
    {
        foreach ([[8, 9, 10], [3500, 4000, 4500]] as $i => [$low, $typical, $high]) {
            $species = $this->postJson('/api/v1/species', ['description' => [
                ...$this->invented("Extreme {$i}"), 'adult_length_mm' => ['low' => $low, 'typical' => $typical, 'high' => $high], 'sold_at_mm' => $low / 2,
            ]])->assertCreated()->json('species.id');
            $this->getJson("/api/v1/weigh-up?species_id={$species}")->assertOk()->assertJsonStructure(['sentence', 'chain' => ['stays']]);
        }
    }

    public function test_an_adult_size_below_the_present_length_is_answered_with_honest_dates(): void
    {
        $gourami = $this->sheet('Giant gourami');
        $this->putJson('/api/v1/species/'.$gourami['species']['id'], ['description' => [
            ...$gourami['description'], 'adult_length_mm' => ['low' => 50, 'typical' => 60, 'high' => 70], 'adult_size_claims' => [],
        ]])->assertOk();
        $sheet = $this->getJson('/api/v1/fish/'.$this->fish('Bramble'))->assertOk()->json();

        $this->assertGreaterThan(300, $sheet['fish']['length_mm']['likely'], 'its lengths are believed, not the kind');
        $this->assertGreaterThanOrEqual($sheet['fish']['length_mm']['likely'] * 0.95, $sheet['adult_mm']['likely']);
    }

    public function test_values_that_cannot_be_name_their_field(): void
    {
        $oscar = $this->sheet('Oscar');
        foreach ([
            'common_name' => ['common_name' => 'Tambaqui'],
            'adult_length_mm' => ['adult_length_mm' => ['low' => 400, 'typical' => 300, 'high' => 500]],
            'temperature_c' => ['temperature_c' => ['minimum' => 30, 'best' => 20, 'maximum' => 34, 'reference' => 26]],
            'adult_size_claims' => ['adult_size_claims' => [['kind' => 'label']]],
            'swimming' => ['swimming' => 'flying'],
            'temperament' => ['temperament' => 9],
        ] as $field => $change) {
            $this->putJson('/api/v1/species/'.$oscar['species']['id'], ['description' => [...$oscar['description'], ...$change]])
                ->assertUnprocessable()->assertJsonValidationErrors([$field]);
        }
        // Singular points: the best temperature too near the middle.
        $this->putJson('/api/v1/species/'.$oscar['species']['id'], ['description' => [...$oscar['description'], 'temperature_c' => ['minimum' => 10, 'best' => 20, 'maximum' => 30, 'reference' => 20]]])
            ->assertUnprocessable()->assertJsonValidationErrors(['temperature_c']);
        $this->assertSame($oscar, $this->sheet('Oscar'));
    }

    public function test_a_kind_that_came_with_the_application_or_is_in_use_stays(): void
    {
        $this->deleteJson('/api/v1/species/'.$this->species('Oscar'))->assertUnprocessable()->assertJsonValidationErrors(['species']);
        $own = $this->postJson('/api/v1/species', ['description' => $this->invented('Millrace loach')])->json('species.id');
        $identity = $this->getJson('/api/v1/fish/'.$this->fish('Pip'))->json('identity');
        $this->putJson('/api/v1/fish/'.$this->fish('Pip').'/identity', [...$identity, 'candidates' => [['species_id' => $own, 'weight' => 0.2]]])->assertOk();
        $this->deleteJson("/api/v1/species/{$own}")->assertUnprocessable();
    }

    /** @return array<string, mixed> */
    private function invented(string $name): array
    {
        return [
            'common_name' => $name, 'scientific_name' => 'Cobitis inventa', 'swimming' => 'slow',
            'adult_length_mm' => ['low' => 90, 'typical' => 110, 'high' => 130],
            'growth_coefficient_per_year' => ['low' => 0.6, 'typical' => 0.9, 'high' => 1.4],
        ];
    }

    private function species(string $name): int
    {
        return array_column($this->getJson('/api/v1/species')->json(), 'id', 'common_name')[$name];
    }

    /** @return array<string, mixed> */
    private function sheet(string $name): array
    {
        return $this->getJson('/api/v1/species/'.$this->species($name))->assertOk()->json();
    }
}
