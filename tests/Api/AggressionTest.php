<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Incident;
use App\Models\WatchedSpan;

final class AggressionTest extends ApiTestCase
{
    public function test_the_year_of_a_system_and_its_open_case(): void
    {
        $sheet = $this->sheet();
        $this->assertSame('Gauge tank', $sheet['name']);
        $this->assertSame('Burr came to harm by Thistle on 12 March: a torn fin.', $sheet['sentences'][0]);
        $this->assertSame(['Thistle', 8], [$sheet['standings'][0]['name'], $sheet['standings'][0]['won']]);
        $this->assertStringContainsString('Thistle rules here, by 8 contests.', implode(' ', $sheet['sentences']), 'Burr came back two days ago: what was before counts no more');
        $this->assertSame(['dim', 'off'], array_values(array_column(array_filter($sheet['lights'], fn (array $light): bool => $light['acts'] > 0), 'light')));
        $this->assertEqualsWithDelta(3.3, $sheet['rate']['hours'], 0.6);
        $this->assertTrue($sheet['rate']['low'] < $sheet['rate']['per_hour'] && $sheet['rate']['per_hour'] < $sheet['rate']['high']);
        $this->assertEqualsCanonicalizing(['Pip', 'Thistle', 'Burr'], array_column($sheet['ratings'], 'name'));
        $this->assertContains('came-back', array_column($sheet['changes'], 'kind'));
        $this->assertNotContains('water-change', array_column(array_column($sheet['around'], 'change'), 'kind'), 'that of each week makes no difference');
        $this->assertSame(['Open' => 'Burr'], ['Open' => $this->due('company')[0]['name']]);

        $quiet = $this->getJson('/api/v1/systems/'.$this->system('Lock pond').'/aggression')->assertOk()->json();
        $this->assertSame([0, [], null], [$quiet['acts'], $quiet['sentences'], $quiet['rate']]);
    }

    public function test_a_case_is_settled_and_opened_again(): void
    {
        $settled = $this->postJson('/api/v1/settlements', ['fish_id' => $this->fish('Burr')])->assertCreated()->json('id');
        $this->assertSame([[], null, []], [$this->sheet()['cases'], $this->sheet()['next'], $this->due('company')]);
        $this->deleteJson("/api/v1/settlements/{$settled}")->assertNoContent();
        $this->assertSame(['Burr'], array_column($this->sheet()['cases'], 'name'));
        $this->postJson('/api/v1/settlements', ['fish_id' => 9999])->assertUnprocessable()->assertJsonValidationErrors(['fish_id']);
    }

    public function test_what_is_tried_next_is_written_down_and_judged(): void
    {
        $sheet = $this->sheet();
        $this->assertSame(['refuge-net', ['move-decor', 'lights-off']], [$sheet['next']['intervention'], array_column($sheet['tried'], 'intervention')], 'these were tried');
        $gauge = $this->system('Gauge tank');
        $id = $this->postJson("/api/v1/systems/{$gauge}/attempts", ['intervention' => 'refuge-net', 'success' => null])->assertCreated()->json('id');
        $this->assertSame(['refuge-net', 'move-decor', 'lights-off'], array_column($this->sheet()['tried'], 'intervention'), 'what was tried before stays');
        $this->assertSame('divider', $this->sheet()['next']['intervention']);
        $this->putJson("/api/v1/attempts/{$id}", ['intervention' => 'refuge-net', 'success' => 'lasted'])->assertOk();
        $this->assertSame('lasted', $this->sheet()['tried'][0]['success']);
        $this->putJson("/api/v1/attempts/{$id}", ['success' => 'lasted'])->assertUnprocessable()->assertJsonValidationErrors(['intervention']);
        $this->deleteJson("/api/v1/attempts/{$id}")->assertNoContent();
        $this->assertSame($sheet['tried'], $this->sheet()['tried']);

        $with = ['actor_id' => $this->fish('Thistle'), 'target_id' => $this->fish('Pip'), 'act' => 'chased', 'harm' => 'none', 'date' => self::TODAY, 'intervention' => 'distract', 'success' => 'no'];
        $incident = $this->postJson('/api/v1/incidents', $with)->assertCreated()->json('id');
        $this->assertSame(['distract', 'no'], [$this->sheet()['tried'][0]['intervention'], $this->sheet()['tried'][0]['success']]);
        $this->deleteJson("/api/v1/incidents/{$incident}")->assertNoContent();
        $this->assertSame($sheet['tried'], $this->sheet()['tried'], 'undone with it');
        $this->postJson('/api/v1/incidents', [...$with, 'intervention' => null])->assertUnprocessable()->assertJsonPath('errors.intervention.0', 'Say what was done before saying whether it helped.');
    }

    public function test_one_goes_for_all_that_live_with_it(): void
    {
        $before = Incident::query()->count();
        $acts = $this->sheet()['acts'];
        $all = ['actor_id' => $this->fish('Thistle'), 'target_id' => null, 'act' => 'chased', 'harm' => 'none', 'date' => self::TODAY, 'time' => '20:00', 'occasions' => ['feeding']];
        $id = $this->postJson('/api/v1/incidents', $all)->assertCreated()->json('id');
        $this->assertSame([$before + 2, $acts + 2], [Incident::query()->count(), $this->sheet()['acts']], 'Pip and Burr');
        $this->deleteJson("/api/v1/incidents/{$id}")->assertNoContent();
        $this->assertSame($before, Incident::query()->count());

        $living = array_count_values(array_column(array_column($this->getJson('/api/v1/fish')->json(), 'home'), 'name'));
        $alone = array_values(array_filter($this->getJson('/api/v1/fish')->json(), fn (array $fish): bool => $living[$fish['home']['name']] === 1))[0];
        $this->postJson('/api/v1/incidents', [...$all, 'actor_id' => $alone['id']])->assertUnprocessable()->assertJsonPath('errors.target.0', "{$alone['name']} lived alone on 13 March 2027. Check the fish and the day.");
        $this->postJson('/api/v1/incidents', [...$all, 'occasions' => ['storm']])->assertUnprocessable()->assertJsonValidationErrors(['occasions.0']);
        $this->postJson('/api/v1/incidents', array_diff_key($all, ['target_id' => 0]))->assertUnprocessable()->assertJsonValidationErrors(['target_id']);
    }

    public function test_to_spar_decides_nothing(): void
    {
        $won = $this->sheet()['standings'][0]['won'];
        $incident = $this->postJson('/api/v1/incidents', ['actor_id' => $this->fish('Thistle'), 'target_id' => $this->fish('Pip'), 'act' => 'locked-lips', 'harm' => 'none', 'date' => self::TODAY])->assertCreated()->json('id');
        $this->assertSame($won, $this->sheet()['standings'][0]['won']);
        $this->deleteJson("/api/v1/incidents/{$incident}")->assertNoContent();
    }

    public function test_watched_minutes_by_the_clock_or_typed(): void
    {
        $gauge = $this->system('Gauge tank');
        $hours = $this->sheet()['rate']['hours'];
        $span = $this->postJson("/api/v1/systems/{$gauge}/watched-spans", ['minutes' => null])->assertCreated()->json('id');
        $this->assertSame($span, $this->sheet()['watching_id']);
        $this->assertSame($span, $this->postJson("/api/v1/systems/{$gauge}/watched-spans", ['minutes' => null])->assertCreated()->json('id'), 'one clock');
        $this->travel(30)->minutes();
        $this->putJson("/api/v1/watched-spans/{$span}", ['minutes' => null])->assertOk();
        $this->assertSame([30, null], [WatchedSpan::query()->findOrFail($span)->minutes, $this->sheet()['watching_id']]);
        $this->assertEqualsWithDelta($hours + 0.5, $this->sheet()['rate']['hours'], 0.06);
        $this->deleteJson("/api/v1/watched-spans/{$span}")->assertNoContent();

        $forgotten = $this->postJson("/api/v1/systems/{$gauge}/watched-spans", ['minutes' => null])->assertCreated()->json('id');
        $this->travel(20)->hours();
        $this->putJson("/api/v1/watched-spans/{$forgotten}", ['minutes' => null])->assertUnprocessable()->assertJsonPath('errors.minutes.0', 'The clock ran on for more than 8 hours. Type for how many minutes somebody watched.');
        $this->putJson("/api/v1/watched-spans/{$forgotten}", ['minutes' => 25])->assertOk();
        $this->postJson("/api/v1/systems/{$gauge}/watched-spans", ['minutes' => 0])->assertUnprocessable()->assertJsonPath('errors.minutes.0', 'Give whole minutes, from 1 to 480.');
        $typed = $this->postJson("/api/v1/systems/{$gauge}/watched-spans", ['minutes' => 20])->assertCreated()->json('id');
        $this->deleteJson("/api/v1/watched-spans/{$typed}")->assertNoContent();
    }

    public function test_what_was_going_on_is_filled_in_from_the_log(): void
    {
        $gauge = $this->system('Gauge tank');
        $evening = $this->getJson("/api/v1/systems/{$gauge}/goings-on?date=".self::TODAY.'&time=20:10')->assertOk()->json();
        $this->assertSame([['newcomer', 'moved-decor'], 'dim', 'in dim or blue light'], [array_values(array_diff($evening['occasions'], ['water-change'])), $evening['light'], $evening['light_words']]);
        $this->assertSame('first', $this->getJson("/api/v1/systems/{$gauge}/goings-on?date=".self::TODAY.'&time=10:30')->json('light'));
        $this->assertNull($this->getJson("/api/v1/systems/{$gauge}/goings-on?date=".self::TODAY)->json('light'));
        $this->getJson("/api/v1/systems/{$gauge}/goings-on?date=soon&time=late")->assertUnprocessable()->assertJsonValidationErrors(['date', 'time']);
    }

    /** @return array<string, mixed> */
    private function sheet(): array
    {
        return $this->getJson('/api/v1/systems/'.$this->system('Gauge tank').'/aggression')->assertOk()->json();
    }

    /** @return list<array<string, mixed>> */
    private function due(string $kind): array
    {
        return array_values(array_filter($this->getJson('/api/v1/today')->assertOk()->json('due'), fn (array $due): bool => $due['kind'] === $kind));
    }
}
