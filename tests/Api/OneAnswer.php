<?php

declare(strict_types=1);

namespace Tests\Api;

/** What is said of a fish in one place is said of it in all, over a whole facility. */
trait OneAnswer
{
    public function test_every_page_names_the_same_next_home_and_the_same_days(): void
    {
        $list = array_column($this->getJson('/api/v1/fish')->assertOk()->json(), null, 'id');
        $today = $this->getJson('/api/v1/today')->assertOk()->json();
        $onRound = array_column(array_merge(...array_column($today['systems'], 'fish')), null, 'id');

        $this->assertNotEmpty($list);
        foreach ($list as $id => $row) {
            $sheet = $this->getJson("/api/v1/fish/{$id}")->assertOk()->json();
            $this->assertSame($row, $onRound[$id], $row['name']);
            $this->assertSame($row, $sheet['fish'], $row['name']);
            $this->assertSame($row['next'], $sheet['chain']['stays'][1] ?? null, $row['name']);
            $this->assertSame($row['leaves'], $sheet['chain']['stays'][0]['leave'], $row['name']);
            $this->assertSame($row['leaves'] !== null, in_array($id, $today['upgrades'], true), $row['name']);
        }
    }

    public function test_the_floor_plan_names_the_days_of_the_list(): void
    {
        $list = array_column($this->getJson('/api/v1/fish')->assertOk()->json(), null, 'id');
        foreach ($this->getJson('/api/v1/systems')->assertOk()->json() as $system) {
            foreach ($this->getJson("/api/v1/systems/{$system['id']}")->assertOk()->json('plan.fish') as $growing) {
                $this->assertSame($list[$growing['id']]['home']['outgrows']['likely'], $growing['outgrown_on'], $list[$growing['id']]['name']);
            }
        }
    }

    public function test_a_system_is_full_on_the_day_on_which_its_chains_say_so(): void
    {
        $list = array_column($this->getJson('/api/v1/fish')->assertOk()->json(), null, 'id');
        $told = 0;
        foreach ($this->getJson('/api/v1/systems')->assertOk()->json() as $system) {
            $leaves = array_filter(array_map(fn (array $fish): ?string => $list[$fish['id']]['leaves'], $system['fish']));
            if ($leaves === []) {
                $this->assertNotSame('Floor full', $system['full']['because'] ?? null, $system['name']);
            } elseif (! str_contains($system['full']['because'], ':')) {
                $this->assertContains($system['full']['likely'], $leaves, $system['name']);
                $told++;
            }
        }

        $this->assertGreaterThan(0, $told, 'somewhere it is not one alone who fills it');
    }

    public function test_no_advised_home_fails_a_rule_of_its_own_move_sheet(): void
    {
        $advised = 0;
        foreach ($this->getJson('/api/v1/fish')->assertOk()->json() as $row) {
            if ($row['next'] === null || $row['next']['is_planned']) {
                continue;
            }
            $page = $this->postJson('/api/v1/move-sheets', ['to_system_id' => $row['next']['system_id'], 'date' => $row['next']['from'], 'fish' => [['fish_id' => $row['id']]]])->assertCreated()->json();
            $blocks = array_filter($page['objections'], fn (array $objection): bool => $objection['is_block'] && in_array($objection['kind'], ['housing', 'swallowing', 'not-ready'], true));

            $this->assertSame([], array_column($blocks, 'sentence'), "{$row['name']} to {$row['next']['name']} on {$row['next']['from']}");
            $this->deleteJson("/api/v1/move-sheets/{$page['sheet']['id']}")->assertNoContent();
            $advised++;
        }

        $this->assertGreaterThan(5, $advised);
    }

    public function test_a_planned_move_is_told_everywhere(): void
    {
        $list = $this->getJson('/api/v1/fish')->assertOk()->json();
        $row = array_values(array_filter($list, fn (array $fish): bool => $fish['next'] !== null && ! $fish['next']['is_planned']))[0];
        $this->postJson('/api/v1/move-sheets', ['to_system_id' => $row['next']['system_id'], 'date' => self::TODAY, 'fish' => [['fish_id' => $row['id']]]])->assertCreated();
        $after = array_column($this->getJson('/api/v1/fish')->json(), null, 'id')[$row['id']];

        $this->assertTrue($after['next']['is_planned']);
        $this->assertSame(self::TODAY, $after['next']['from']);
        $this->assertSame($after, $this->getJson("/api/v1/fish/{$row['id']}")->json('fish'));
    }
}
