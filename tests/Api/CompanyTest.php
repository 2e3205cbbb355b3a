<?php

declare(strict_types=1);

namespace Tests\Api;

final class CompanyTest extends ApiTestCase
{
    public function test_every_two_once_with_verdict_spans_and_dates(): void
    {
        $sheet = $this->getJson('/api/v1/company')->assertOk()->json();
        $n = count($sheet['fish']);
        $this->assertCount(intdiv($n * ($n - 1), 2), $sheet['pairs']);
        foreach ($sheet['pairs'] as $pair) {
            $this->assertSame(self::TODAY, $pair['spans'][0]['from']);
            $this->assertNull($pair['spans'][count($pair['spans']) - 1]['until']);
            $this->assertSame($pair['verdict'] === 'good', array_column($pair['spans'], 'verdict') === ['good']);
        }
        $ids = array_column($sheet['fish'], 'id', 'name');
        $tarn = $this->pair($sheet['pairs'], $ids['Tarn'], $ids['Sedge']);
        $this->assertSame('avoid', $tarn['verdict']);
        $this->assertSame([$ids['Tarn'], $ids['Sedge'], self::TODAY], [$tarn['swallowings'][0]['predator'], $tarn['swallowings'][0]['prey'], $tarn['swallowings'][0]['likely']]);
        $this->assertGreaterThan(self::TODAY, $tarn['swallowings'][0]['until']);
        $this->assertStringContainsString('Tarn is hard on company', implode(' ', $tarn['reasons']));
        $this->assertSame('temper_stronger', $tarn['about']);
        $this->assertSame([null], array_values(array_unique(array_column(array_filter($sheet['pairs'], fn (array $pair): bool => $pair['reasons'] === []), 'about'))));
    }

    public function test_of_one_system_and_the_weights_of_the_rulebook(): void
    {
        $system = $this->system('Lock pond');
        $this->assertCount(3, $this->getJson("/api/v1/company?system_id={$system}")->assertOk()->json('pairs'));
        $this->getJson('/api/v1/company?system_id=9999')->assertUnprocessable()->assertJsonPath('errors.system_id.0', 'Choose a system from the list.');

        $bad = fn (): int => count(array_filter($this->getJson('/api/v1/company')->json('pairs'), fn (array $pair): bool => $pair['verdict'] !== 'good'));
        $before = $bad();
        $rulebook = $this->getJson('/api/v1/rulebook')->json();
        $this->putJson('/api/v1/rulebook', ['answers' => array_column(array_map(fn (array $option): array => [$option['question'], array_column($option['choices'], 'answer', 'is_chosen')[1] ?? $option['choices'][0]['answer']], $rulebook['schools']), 1, 0), 'numbers' => ['company_watch_from' => 20, 'company_avoid_from' => 40], 'exceptions' => []])->assertOk();
        $this->assertLessThan($before, $bad());
    }

    /**
     * @param  list<array<string, mixed>>  $pairs
     * @return array<string, mixed>
     */
    private function pair(array $pairs, int $one, int $other): array
    {
        return array_values(array_filter($pairs, fn (array $pair): bool => in_array([$pair['one'], $pair['other']], [[$one, $other], [$other, $one]], true)))[0];
    }
}
