<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Role;

final class FacilityTest extends ApiTestCase
{
    public function test_lists_systems_in_walking_order_with_their_fish(): void
    {
        $systems = $this->getJson('/api/v1/systems')->assertOk()->json();

        $this->assertSame('Porch tank', $systems[0]['name']);
        $this->assertSame(range(1, 9), array_column($systems, 'walk_order'));
        $this->assertSame('Bramble', $systems[0]['fish'][0]['name']);
        $this->assertSame([[0, 0], [1180, 0], [1180, 480], [0, 480]], $systems[0]['basins'][0]['outline_mm'], 'inside the glass');
    }

    public function test_lists_fish_that_are_there(): void
    {
        $names = array_column($this->getJson('/api/v1/fish')->assertOk()->json(), 'name');

        $this->assertCount(25, $names);
        $this->assertNotContains('Willow', $names, 'it jumped');
    }

    public function test_a_fish_that_is_gone_keeps_its_sheet(): void
    {
        $this->getJson('/api/v1/fish/'.$this->fish('Willow'))->assertOk()->assertJsonPath('fish.count', 0);
        $this->getJson("/api/v1/log?fish={$this->fish('Willow')}")->assertOk()->assertJsonPath('lines.0.kind', 'loss');
    }

    public function test_a_sheet_shows_growth_behind_and_ahead_and_every_home(): void
    {
        $sheet = $this->getJson('/api/v1/fish/'.$this->fish('Bramble'))->assertOk()->json();

        $this->assertCount(9, $sheet['homes']);
        $this->assertSame('Porch tank', $sheet['fish']['home']['name']);
        $this->assertSame(self::TODAY, $sheet['ahead'][0]['date']);
        $this->assertSame(self::TODAY, end($sheet['behind'])['date']);
        $this->assertNotNull($sheet['fish']['home']['outgrows']['early']);
        $this->assertNotNull($sheet['fish']['next']);
    }

    public function test_the_wrong_entry_of_the_demo_is_flagged(): void
    {
        $this->assertCount(1, $this->getJson('/api/v1/fish/'.$this->fish('Teasel'))->assertOk()->json('flagged'));
    }

    public function test_today_lists_what_is_due_and_the_upgrades_soonest_first(): void
    {
        $today = $this->getJson('/api/v1/today')->assertOk()->json();
        $fish = array_column(array_merge(...array_column($today['systems'], 'fish')), null, 'id');
        $leave = array_map(fn (int $id): string => $fish[$id]['leaves'], $today['upgrades']);
        $sorted = $leave;
        sort($sorted);

        $this->assertSame($sorted, $leave);
        $this->assertNotEmpty($today['measure']);
        foreach ($today['measure'] as $id) {
            $this->assertLessThanOrEqual(self::TODAY, $fish[$id]['measure_on']);
        }
    }

    public function test_unknown_fish_is_not_found(): void
    {
        $this->getJson('/api/v1/fish/99999')->assertNotFound()->assertJsonPath('message', 'There is no such record.');
    }

    public function test_broken_json_is_named_as_such(): void
    {
        $this->call('POST', '/api/v1/incidents', [], [], [], ['CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'], '{"actor_id": ')
            ->assertStatus(400)->assertJsonPath('message', 'The body is not valid JSON, or is nested more than 24 levels deep.');
    }

    public function test_a_viewer_looks_but_does_not_write(): void
    {
        $this->keeper->update(['role' => Role::Viewer]);

        $this->getJson('/api/v1/today')->assertOk();
        $this->postJson('/api/v1/fish/'.$this->fish('Bramble').'/measurements', ['length' => '33 cm', 'date' => self::TODAY, 'method' => 'hand'])->assertForbidden();
    }
}
