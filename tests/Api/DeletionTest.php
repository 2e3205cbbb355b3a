<?php

declare(strict_types=1);

namespace Tests\Api;

use Illuminate\Support\Facades\DB;

/** What something refers to is not deleted, and says what refers to it. */
final class DeletionTest extends ApiTestCase
{
    public function test_a_fish_says_what_was_written_about_it(): void
    {
        $reed = $this->acquire();
        $this->postJson("/api/v1/fish/{$reed}/health-observations", ['date' => self::TODAY, 'is_eating' => true])->assertCreated();
        $this->postJson("/api/v1/fish/{$reed}/treatments", ['product_class' => 'salt', 'date' => self::TODAY, 'until' => '2027-03-20'])->assertCreated();
        $this->postJson('/api/v1/move-sheets', ['to_system_id' => $this->system('Kiln vat'), 'date' => self::TODAY, 'fish' => [['fish_id' => $reed]]])->assertCreated();
        $this->postJson('/api/v1/incidents', ['actor_id' => $this->fish('Thistle'), 'target_id' => $reed, 'act' => 'nipped', 'harm' => 'none', 'date' => self::TODAY])->assertCreated();

        $this->deleteJson("/api/v1/fish/{$reed}")->assertUnprocessable()
            ->assertJsonPath('errors.fish.0', 'Newcomer stays, so that what happened stays: one look at it, one incident, one move sheet, one treatment. Write down a loss instead.');
    }

    public function test_a_fish_of_which_nothing_else_is_known_goes_with_its_arrival(): void
    {
        $reed = $this->acquire();
        $this->deleteJson("/api/v1/fish/{$reed}")->assertNoContent();

        $this->assertSame(0, DB::table('stays')->where('fish_id', $reed)->count() + DB::table('measurements')->where('fish_id', $reed)->count());
    }

    public function test_a_system_says_whose_preparation_and_sheets_name_it(): void
    {
        $id = $this->postJson('/api/v1/systems', ['name' => 'Box', 'kind' => 'tank', 'pools' => [['type' => 'box', 'length' => '150 cm', 'width' => '60 cm', 'depth' => '50 cm']]])->assertCreated()->json('system.id');
        $this->putJson('/api/v1/systems/'.$this->system('Kiln vat').'/preparation', ['date' => '2027-05-01', 'donor_system_id' => $id, 'donor_percent' => 30])->assertOk();
        $this->postJson('/api/v1/move-sheets', ['to_system_id' => $id, 'date' => self::TODAY, 'fish' => [['fish_id' => $this->fish('Moss')]]])->assertCreated();
        $this->putJson('/api/v1/rulebook', ['answers' => [], 'numbers' => [], 'exceptions' => [['of' => 'system', 'id' => $id, 'rule' => 'floor', 'answer' => 'crowded', 'reason' => 'a trial']]])->assertOk();

        $this->deleteJson("/api/v1/systems/{$id}")->assertUnprocessable()
            ->assertJsonPath('errors.system.0', 'Box stays, so that what happened stays: one move sheet, the preparation of a system, an exception in the rulebook. Retire it if it is used no more, or rename it if it is called otherwise now.');
    }

    public function test_a_species_says_who_is_or_may_be_of_it(): void
    {
        $tambaqui = $this->getJson('/api/v1/species/'.DB::table('species')->where('key', 'tambaqui')->value('id'))->json('description');
        $species = $this->postJson('/api/v1/species', ['description' => [...$tambaqui, 'common_name' => 'Lock fish']])->assertCreated()->json('species.id');
        $moss = DB::table('fish')->where('name', 'Moss')->first();
        $this->assertNotNull($moss);
        $this->putJson("/api/v1/fish/{$moss->id}/identity", ['species_id' => $moss->species_id, 'candidates' => [['species_id' => $species, 'weight' => 0.2]]])->assertOk();
        $this->deleteJson("/api/v1/species/{$species}")->assertUnprocessable()
            ->assertJsonPath('errors.species.0', 'Lock fish stays, so that what happened stays: one fish or shoal that may be of it. Say first what they are instead.');

        $this->putJson("/api/v1/fish/{$moss->id}/identity", ['species_id' => $moss->species_id, 'candidates' => []])->assertOk();
        $this->putJson('/api/v1/systems/'.$this->system('Kiln vat').'/preparation', ['date' => '2027-05-01', 'species_id' => $species, 'count' => 2, 'length' => '10 cm'])->assertOk();
        $this->assertStringContainsString('the preparation of a system', $this->deleteJson("/api/v1/species/{$species}")->assertUnprocessable()->json('message'));
        $this->deleteJson('/api/v1/systems/'.$this->system('Kiln vat').'/preparation')->assertNoContent();
        $this->deleteJson("/api/v1/species/{$species}")->assertNoContent();
    }

    private function acquire(): int
    {
        return $this->postJson('/api/v1/fish', ['name' => 'Newcomer', 'species_id' => (int) DB::table('species')->where('key', 'tambaqui')->value('id'), 'count' => 1, 'system_id' => $this->system('Gauge tank'), 'date' => self::TODAY, 'length' => '12 cm'])->assertCreated()->json('id');
    }
}
