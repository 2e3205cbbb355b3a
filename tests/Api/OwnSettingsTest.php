<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\FacilitySettings;
use App\Models\Letter;
use App\Models\Probe;
use App\Models\System;
use Illuminate\Support\Facades\DB;

/** The route, what opens doors, and the letter of the morning as Settings has them. */
final class OwnSettingsTest extends ApiTestCase
{
    public function test_the_round_is_walked_in_another_order_from_now_on(): void
    {
        $order = array_column($this->getJson('/api/v1/systems')->json(), 'id');
        $this->putJson('/api/v1/route', ['systems' => array_reverse($order)])->assertNoContent();
        $this->assertSame(array_reverse($order), array_column($this->getJson('/api/v1/systems')->json(), 'id'));
        $this->assertSame(array_reverse($order), array_column($this->getJson('/api/v1/today')->json('systems'), 'id'));
        foreach ([array_slice($order, 1), [...$order, 999]] as $wrong) {
            $this->putJson('/api/v1/route', ['systems' => $wrong])->assertUnprocessable()->assertJsonPath('errors.systems.0', 'Somebody changed the systems meanwhile. Look at the route again.');
        }
        $this->putJson('/api/v1/route', ['systems' => [...array_slice($order, 1), $order[1]]])->assertUnprocessable();
        $this->assertSame(array_reverse($order), System::query()->whereNull('retired_on')->orderBy('walk_order')->pluck('id')->all());
    }

    public function test_water_is_asked_for_on_its_day_until_it_is_changed(): void
    {
        $place = array_diff_key($this->getJson('/api/v1/facility')->json(), ['units' => 0]);
        $asked = fn (): array => array_column(array_filter($this->getJson('/api/v1/today')->json('due'), fn (array $row): bool => $row['kind'] === 'change'), 'system_id');
        $this->assertSame([], $asked(), 'nobody is reminded who does not want to be');
        $this->putJson('/api/v1/facility', [...$place, 'change_days' => [8]])->assertUnprocessable();
        $this->putJson('/api/v1/facility', [...$place, 'change_days' => [6]])->assertOk()->assertJsonPath('change_days', [6]);
        $before = $asked();
        $this->assertNotSame([], $before);

        $this->postJson("/api/v1/systems/{$before[0]}/water-works", ['date' => self::TODAY, 'kind' => 'water-change', 'percent' => 30])->assertCreated();
        $this->assertSame(array_slice($before, 1), $asked());
        $this->getJson('/api/v1/log?kinds=change')->assertOk();
        $this->assertSame([6], $this->getJson('/api/v1/facility')->json('change_days'));
    }

    public function test_what_opens_a_door_is_listed_without_its_secret_and_taken_back(): void
    {
        $token = $this->postJson('/api/v1/systems/1/probes', ['name' => 'Third one'])->assertCreated()->json('token');
        $this->postJson('/api/v1/calendar')->assertSuccessful();
        $secrets = $this->getJson('/api/v1/secrets')->assertOk();
        $this->assertTrue($secrets->json('calendar'));
        $this->assertContains('Third one', array_column($secrets->json('probes'), 'name'));
        $this->assertStringNotContainsString(explode('|', $token)[1], (string) $secrets->getContent());

        $probe = (int) Probe::query()->where('name', 'Third one')->value('id');
        $this->deleteJson("/api/v1/probes/{$probe}")->assertNoContent();
        $this->deleteJson('/api/v1/calendar')->assertNoContent();
        $after = $this->getJson('/api/v1/secrets')->json();
        $this->assertFalse($after['calendar']);
        $this->assertNotContains($probe, array_column($after['probes'], 'id'));
    }

    public function test_the_letter_says_what_today_says_and_stays_in_the_mailbox(): void
    {
        $post = $this->postJson('/api/v1/letters')->assertCreated()->json();
        $this->assertSame([1, false, null], [$post['sent'], $post['is_mailed'], $post['problem']]);
        $letter = $post['letters'][0];
        $due = $this->getJson('/api/v1/today')->json('due');
        $this->assertStringStartsWith('Heron Lock, 13 March 2027: ', $letter['subject']);
        foreach ($due as $row) {
            $this->assertStringContainsString($row['name'], $letter['text']);
        }
        $this->assertStringContainsString('All of it: http://localhost', $letter['text']);
        $this->assertNull(FacilitySettings::query()->value('letter_sent_on'), 'the one of the morning still goes out');
    }

    public function test_a_place_where_nothing_is_due_has_no_letter(): void
    {
        DemoDatabase::use(isFilled: false);
        FacilitySettings::factory()->create();
        $this->actingAs(\App\Models\User::factory()->owner()->create());
        $this->assertSame(0, $this->postJson('/api/v1/letters')->assertCreated()->json('sent'));
        $this->assertSame(0, Letter::query()->count());
    }

    public function test_its_hour_is_set_and_what_is_none_is_said(): void
    {
        $this->putJson('/api/v1/letters', ['at' => '05:45'])->assertOk()->assertJsonPath('at', '05:45');
        $this->putJson('/api/v1/letters', ['at' => 'at dawn'])->assertUnprocessable()->assertJsonPath('errors.at.0', 'Give a time of day, for example 06:30.');
        $this->assertSame('05:45', $this->getJson('/api/v1/letters')->json('at'));
    }

    public function test_the_mailbox_keeps_the_latest_letters_alone(): void
    {
        for ($i = 0; $i < Letter::MOST + 5; $i++) {
            DB::table('letters')->insert(['to' => 'a@b.example', 'subject' => "{$i}", 'text' => '', 'sent_at' => now()]);
        }
        $this->postJson('/api/v1/letters')->assertCreated();
        $this->assertSame(Letter::MOST, Letter::query()->count());
        $this->assertStringStartsWith('Heron Lock', (string) Letter::query()->latest('id')->value('subject'));
    }
}
