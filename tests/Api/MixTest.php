<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Species;

final class MixTest extends ApiTestCase
{
    public function test_own_fish_and_species_thought_of_are_held_against_each_other(): void
    {
        $sheet = $this->postJson('/api/v1/company/mix', ['system_id' => $this->system('Long tank'), 'members' => [
            ['fish_id' => $this->fish('Tarn')], ['species_id' => $this->species('tinfoil-barb'), 'count' => 12, 'length' => '9 cm'],
        ]])->assertOk()->json();
        $this->assertSame('Does not work: Tarn can swallow Tinfoil barb now.', $sheet['sentence']);
        $this->assertSame(self::TODAY, $sheet['until']);
        $this->assertSame([$this->fish('Tarn'), -2], array_column($sheet['company']['fish'], 'id'));
        $this->assertSame([[-2, 'Tinfoil barb', 12], 'avoid'], [array_values(array_intersect_key($sheet['company']['fish'][1], ['id' => 0, 'name' => 0, 'count' => 0])), $sheet['company']['pairs'][0]['verdict']]);
        $this->assertCount(2, $sheet['steps']);
        $this->assertGreaterThan(0, $sheet['now']['floor']);
        $this->assertGreaterThan($sheet['now']['floor'], $sheet['later']['floor']);
    }

    public function test_nothing_is_written_and_what_cannot_be_names_its_field(): void
    {
        $barb = ['species_id' => $this->species('tinfoil-barb'), 'count' => 6, 'length' => ''];
        $this->assertNull($this->postJson('/api/v1/company/mix', ['members' => [$barb]])->assertOk()->json('now'), 'nowhere yet');
        foreach ([
            ['members', []], ['members', array_fill(0, 9, $barb)], ['members.0.length', [[...$barb, 'length' => '9 m']]], ['members.0.length', [[...$barb, 'length' => 'long']]],
            ['members.0.count', [[...$barb, 'count' => 0]]], ['members.0.fish_id', [['fish_id' => 9999]]], ['members.0.fish_id', [['count' => 3]]], ['members.0.species_id', [['species_id' => 99999]]],
        ] as [$field, $members]) {
            $this->postJson('/api/v1/company/mix', ['members' => $members])->assertUnprocessable()->assertJsonValidationErrors([$field]);
        }
        $this->postJson('/api/v1/company/mix', ['system_id' => 999, 'members' => [$barb]])->assertUnprocessable()->assertJsonPath('errors.system_id.0', 'Choose a system from the list.');
    }

    public function test_the_keeper_s_word_on_two_counts_everywhere_and_is_withdrawn(): void
    {
        [$thistle, $pip] = [$this->fish('Thistle'), $this->fish('Pip')];
        $pair = fn (): array => array_values(array_filter($this->getJson('/api/v1/company')->assertOk()->json('pairs'), fn (array $pair): bool => in_array($thistle, [$pair['one'], $pair['other']], true) && in_array($pair['one'] + $pair['other'], [$thistle + $pip], true)))[0];
        $before = $pair();
        $this->assertNull($before['own']);
        $id = $this->postJson('/api/v1/pair-verdicts', ['one_id' => $pip, 'other_id' => $thistle, 'verdict' => 'avoid', 'reason' => 'They fought in spring.'])->assertCreated()->json('id');
        $this->assertSame(['avoid', ['id' => $id, 'reason' => 'They fought in spring.']], [$pair()['verdict'], $pair()['own']]);
        $this->assertStringContainsString('You keep Pip and Thistle apart: They fought in spring.', (string) json_encode($this->getJson("/api/v1/fish/{$pip}")->json('judgements')));
        $newer = $this->postJson('/api/v1/pair-verdicts', ['one_id' => $thistle, 'other_id' => $pip, 'verdict' => 'good', 'reason' => 'They made it up.'])->assertCreated()->json('id');
        $this->assertSame('good', $pair()['verdict'], 'the newest counts');
        $this->deleteJson("/api/v1/pair-verdicts/{$newer}")->assertNoContent();
        $this->deleteJson("/api/v1/pair-verdicts/{$id}")->assertNoContent();
        $this->assertSame($before, $pair());
        $this->postJson('/api/v1/pair-verdicts', ['one_id' => $pip, 'other_id' => $pip, 'verdict' => 'good', 'reason' => ''])->assertUnprocessable()->assertJsonValidationErrors(['other_id', 'reason']);
    }

    public function test_a_temper_is_seen_stated_and_taken_back(): void
    {
        $pip = $this->fish('Pip');
        $temper = fn (): array => $this->getJson("/api/v1/fish/{$pip}")->assertOk()->json('temper');
        $this->assertSame(['usual', null, null, 'Others went for it 7 times, most of all Thistle.'], array_values($temper()));
        $this->putJson("/api/v1/fish/{$pip}/temper", ['temper' => 'bully'])->assertOk();
        $this->assertSame(['bully', 'bully', 'A bully, as its keeper says.'], array_slice(array_values($temper()), 0, 3));
        $this->assertSame('Pip, its temper: A bully', $this->getJson("/api/v1/log?fish={$pip}&kinds=change")->json('lines.0.sentence'));
        $this->putJson("/api/v1/fish/{$pip}/temper", ['temper' => null])->assertOk();
        $this->assertSame('usual', $temper()['temper']);
        $this->putJson("/api/v1/fish/{$pip}/temper", ['temper' => 'mean'])->assertUnprocessable();
    }

    private function species(string $key): int
    {
        return Species::query()->where('key', $key)->firstOrFail()->id;
    }
}
