<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Fish;

final class FormerFishTest extends ApiTestCase
{
    public function test_how_long_those_that_came_live_here(): void
    {
        $before = $this->getJson('/api/v1/survival')->assertOk()->json();
        $barbs = $this->fish('Barbs');
        $this->postJson("/api/v1/fish/{$barbs}/losses", ['kind' => 'jumped', 'date' => self::TODAY, 'count' => 2])->assertCreated();
        $this->postJson("/api/v1/fish/{$barbs}/losses", ['kind' => 'rehomed', 'date' => self::TODAY, 'count' => 1])->assertCreated();
        $after = $this->getJson('/api/v1/survival')->json();

        $deaths = fn (array $sheet): int => array_sum(array_column($sheet['steps'], 'deaths'));
        $this->assertSame($deaths($before) + 2, $deaths($after), 'one that was given away lives');
        $this->assertGreaterThanOrEqual(3, $deaths($before), 'one jumped out, and two of the barbs were not found');
        $this->postJson("/api/v1/fish/{$barbs}/parts", ['count' => 3])->assertCreated();
        $this->assertSame($after, $this->getJson('/api/v1/survival')->json(), 'parted from its shoal nobody is counted twice');
        $shares = array_column($after['steps'], 'share');
        $sorted = $shares;
        rsort($sorted);
        $this->assertSame($sorted, $shares);
    }

    public function test_one_who_is_gone_moves_to_the_list_of_former_fish_and_back_with_the_loss_undone(): void
    {
        $names = fn (): array => array_column($this->getJson('/api/v1/former-fish')->assertOk()->json(), 'name');
        $fish = Fish::query()->where('name', 'Bramble')->firstOrFail();
        $this->assertNotContains('Bramble', $names());

        $loss = $this->postJson("/api/v1/fish/{$fish->id}/losses", ['kind' => 'rehomed', 'date' => '2027-03-12', 'count' => 1, 'cause' => null])->assertCreated()->json('id');
        $gone = array_values(array_filter($this->getJson('/api/v1/former-fish')->json(), fn (array $one): bool => $one['name'] === 'Bramble'));
        $this->assertSame([['2027-03-12', 'rehomed']], array_map(fn (array $one): array => [$one['gone_on'], $one['how']], $gone));
        $this->getJson("/api/v1/fish/{$fish->id}")->assertOk();

        $this->deleteJson("/api/v1/losses/{$loss}")->assertNoContent();
        $this->assertNotContains('Bramble', $names());
    }
}
