<?php

declare(strict_types=1);

namespace Tests\Api;

final class LossesTest extends ApiTestCase
{
    public function test_a_slow_decline_names_its_suspects(): void
    {
        $sheet = $this->counts('Barbs');
        $this->assertStringStartsWith('4 fewer since January 2026, one every 87 days, and nobody saw why.', implode(' ', $sheet['sentences']));
        $this->assertSame([16, 15, 14, 12], array_column($sheet['expected'], 'count'));
        $this->assertSame([15, 14, 11, 12], array_column($sheet['counted'], 'number'));
        $this->assertSame('Tarn', $sheet['suspects'][0]['name']);
        $this->assertStringContainsString('mouth has been large enough', $sheet['suspects'][0]['words']);
        $this->assertSame([[], [], null], [$this->counts('Yard koi')['suspects'], $this->counts('Tarn')['counted'], $this->counts('Tarn')['proposed']]);
    }

    public function test_three_low_counts_propose_a_loss_that_can_be_written_and_undone(): void
    {
        $barbs = $this->fish('Barbs');
        $counts = array_map(fn (int $seen): int => $this->postJson("/api/v1/fish/{$barbs}/counts", ['number' => $seen, 'kind' => 'at-least', 'date' => self::TODAY])->assertCreated()->json('id'), [10, 9, 10]);
        $sheet = $this->counts('Barbs');
        $this->assertSame(2, $sheet['proposed']['missing']);
        $this->assertStringContainsString('3 low counts running: 2 are missing.', implode(' ', $sheet['sentences']));
        $loss = $this->postJson("/api/v1/fish/{$barbs}/losses", ['kind' => 'vanished', 'date' => self::TODAY, 'count' => 2, 'last_seen' => $sheet['proposed']['last_seen']])->assertCreated()->json('id');
        $this->assertSame(10, $this->counts('Barbs')['expected'][4]['count']);
        $this->deleteJson("/api/v1/losses/{$loss}")->assertNoContent();
        array_map(fn (int $count) => $this->deleteJson("/api/v1/counts/{$count}")->assertNoContent(), $counts);
        $this->assertNull($this->counts('Barbs')['proposed']);
    }

    public function test_a_loss_tells_who_ate_it_since_when_and_what_was_learnt(): void
    {
        [$barbs, $dock] = [$this->fish('Barbs'), $this->fish('Dock')];
        $loss = $this->postJson("/api/v1/fish/{$barbs}/losses", ['kind' => 'eaten', 'date' => self::TODAY, 'count' => 1, 'eaten_by_id' => $dock, 'last_seen' => '2027-03-01', 'lesson' => 'It was seen at night.'])->assertCreated()->json('id');
        foreach ([$barbs, $dock] as $of) {
            $line = $this->getJson("/api/v1/log?fish={$of}")->json('lines.0');
            $this->assertSame(['loss', 'Barbs eaten by Dock, last seen on 1 March 2027. Learnt: It was seen at night.'], [$line['kind'], $line['sentence']]);
        }
        $this->assertStringContainsString('It has eaten of them before.', $this->counts('Barbs')['suspects'][0]['words']);
        $this->deleteJson("/api/v1/losses/{$loss}")->assertNoContent();
    }

    public function test_what_cannot_be_names_its_field_and_saves_nothing(): void
    {
        $barbs = $this->fish('Barbs');
        $eaten = ['kind' => 'eaten', 'date' => self::TODAY, 'count' => 1];
        foreach ([
            ['eaten_by_id', 'Thistle and Barbs did not live in one home then. Check who it was and the day.', ['eaten_by_id' => $this->fish('Thistle')]],
            ['eaten_by_id', 'Choose a fish that is there.', ['eaten_by_id' => 9999]],
            ['last_seen', 'It was last seen on 13 March 2027, after the day on which it was missed. Check both days.', ['date' => '2027-03-10', 'last_seen' => self::TODAY]],
            ['date', null, ['date' => '2020-01-01']],
            ['last_seen', null, ['last_seen' => '2020-01-01']],
            ['count', 'Give a number from 1 to 12: that many are there.', ['count' => 13]],
        ] as [$field, $said, $wrong]) {
            $answer = $this->postJson("/api/v1/fish/{$barbs}/losses", [...$eaten, ...$wrong])->assertUnprocessable()->assertJsonValidationErrors([$field]);
            $this->assertSame($said ?? $answer->json("errors.{$field}.0"), $answer->json("errors.{$field}.0"));
        }
        $this->postJson("/api/v1/fish/{$barbs}/counts", ['number' => 17, 'kind' => 'all-caught', 'date' => self::TODAY])->assertUnprocessable()
            ->assertJsonPath('errors.number.0', 'Only 16 of Barbs ever came. Write down those that came or hatched here as a shoal of their own.');
        $this->assertSame([16, 15, 14, 12], array_column($this->counts('Barbs')['expected'], 'count'), 'nothing was saved');
    }

    public function test_a_fish_cannot_die_twice(): void
    {
        $dock = $this->fish('Dock');
        $loss = $this->postJson("/api/v1/fish/{$dock}/losses", ['kind' => 'let-out', 'date' => self::TODAY])->assertCreated()->json('id');
        $this->postJson("/api/v1/fish/{$dock}/losses", ['kind' => 'death', 'date' => self::TODAY])->assertUnprocessable()->assertJsonValidationErrors(['count']);
        $this->deleteJson("/api/v1/losses/{$loss}")->assertNoContent();
        $this->assertSame('Dock', $this->getJson("/api/v1/fish/{$dock}")->json('fish.name'));
    }

    public function test_survival_by_group_and_causes(): void
    {
        $all = $this->getJson('/api/v1/survival')->assertOk()->json();
        $this->assertSame([], $all['groups']);
        $this->assertContains('jumped', array_column($all['causes'], 'kind'));
        foreach (['species', 'origin', 'system', 'quarantine'] as $by) {
            $groups = $this->getJson("/api/v1/survival?by={$by}")->assertOk()->json('groups');
            $this->assertGreaterThan(1, count($groups), $by);
            $came = array_column($groups, 'came');
            $sorted = $came;
            rsort($sorted);
            $this->assertSame($sorted, $came, 'those of which most came first');
        }
        $barb = array_values(array_filter($this->getJson('/api/v1/survival?by=species')->json('groups'), fn (array $group): bool => $group['name'] === 'Tinfoil barb'))[0];
        $this->assertSame([16, 4], [$barb['came'], $barb['deaths']]);
        $this->assertNotSame([], $barb['steps']);
        $this->getJson('/api/v1/survival?by=moon')->assertUnprocessable();
    }

    /** @return array<string, mixed> */
    private function counts(string $name): array
    {
        return $this->getJson("/api/v1/fish/{$this->fish($name)}/counts")->assertOk()->json();
    }
}
