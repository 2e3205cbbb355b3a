<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Fish;
use App\Models\Species;
use App\Models\System;
use Illuminate\Support\Carbon;

final class PreparationTest extends ApiTestCase
{
    public function test_a_home_is_readied_step_by_step(): void
    {
        $id = $this->newVat();
        $koi = Species::query()->where('key', 'koi')->firstOrFail()->id;
        $sheet = $this->putJson("/api/v1/systems/{$id}/preparation", ['date' => '2027-04-01', 'is_built' => false, 'uses_tap_water' => true, 'species_id' => $koi, 'count' => 6, 'length' => '12 cm'])->assertOk()->json();

        $this->assertTrue($sheet['is_late']);
        $this->assertStringStartsWith('Not before ', $sheet['sentence']);
        $this->assertGreaterThan(25, $sheet['forecast']['clear_from']);
        $seeded = $this->putJson("/api/v1/systems/{$id}/preparation", ['date' => '2027-04-01', 'is_built' => true, 'uses_tap_water' => true, 'donor_system_id' => $this->system('Kiln vat'), 'donor_percent' => 33, 'species_id' => $koi, 'count' => 6, 'length' => '12 cm'])->assertOk()->json();
        $this->assertFalse($seeded['is_late'], 'built already, and seeded');
        $this->assertLessThan($sheet['forecast']['clear_from'], $seeded['forecast']['clear_from']);

        $path = "/api/v1/systems/{$id}/preparation/steps";
        foreach (array_column($seeded['steps'], 'key') as $step) {
            $last = $this->putJson("{$path}/{$step}", ['done' => self::TODAY])->assertOk()->json();
        }
        $this->assertTrue($last['is_ready'] ?? false);
        $this->assertFalse($this->putJson("{$path}/fill", ['done' => null])->assertOk()->json('is_ready'), 'not done after all');
        $this->assertSame('not-tested', $this->getJson("/api/v1/systems/{$id}")->json('preparation.cycle'));

        $this->deleteJson("/api/v1/systems/{$id}/preparation")->assertNoContent();
        $this->assertNull($this->getJson("/api/v1/systems/{$id}")->json('preparation'));
    }

    public function test_what_cannot_be_prepared_is_said(): void
    {
        $id = $this->newVat();
        $put = fn (array $body): array => $this->putJson("/api/v1/systems/{$id}/preparation", ['date' => '2027-06-01', ...$body])->assertUnprocessable()->json('errors');

        $this->assertArrayHasKey('date', $put(['date' => '2027-01-01']));
        $this->assertArrayHasKey('donor_system_id', $put(['donor_system_id' => $id, 'donor_percent' => 10]));
        $this->assertArrayHasKey('donor_percent', $put(['donor_system_id' => $this->system('Kiln vat')]));
        $this->assertArrayHasKey('count', $put(['species_id' => Species::query()->value('id'), 'length' => '5 cm']));
        $this->putJson("/api/v1/systems/{$id}/preparation/steps/fill", ['done' => self::TODAY])->assertNotFound();
        $this->putJson("/api/v1/systems/{$id}/preparation", ['date' => '2027-06-01'])->assertOk();
        $this->putJson("/api/v1/systems/{$id}/preparation/steps/sing", ['done' => self::TODAY])->assertUnprocessable();
        $this->putJson("/api/v1/systems/{$id}/preparation/steps/fill", ['done' => '2027-12-01'])->assertUnprocessable();
    }

    public function test_its_steps_are_arranged_and_stand_as_usual_again(): void
    {
        $system = System::factory()->create();
        $path = "/api/v1/systems/{$system->id}/preparation";
        $this->putJson("{$path}/steps", ['steps' => []])->assertNotFound();
        $usual = $this->putJson($path, ['date' => '2027-06-01', 'is_built' => true])->assertOk()->json('steps');
        $steps = array_map(fn (array $step): array => ['key' => $step['key'], 'length' => $step['key'] === 'decor' ? 5 : null], array_reverse($usual));
        $arranged = $this->putJson("{$path}/steps", ['steps' => [...array_slice($steps, 1), ['words' => 'Rinse the sand']]])->assertOk();

        $arranged->assertJsonPath('is_arranged', true);
        $this->assertSame([...array_column(array_slice($steps, 1), 'key'), 'own-1'], $arranged->json('steps.*.key'));
        $this->assertSame(5, array_column($arranged->json('steps'), 'days', 'key')['decor']);
        $this->putJson("{$path}/steps/own-1", ['done' => self::TODAY])->assertOk();
        $this->assertSame('Rinse the sand', collect($this->getJson("/api/v1/systems/{$system->id}")->json('preparation.steps'))->firstWhere('done', self::TODAY)['words']);

        $this->putJson("{$path}/steps", ['steps' => []])->assertOk()->assertJsonPath('is_arranged', false)->assertJsonPath('steps.*.key', array_column($usual, 'key'));
    }

    public function test_the_step_that_guards_people_stays_and_bad_steps_name_their_field(): void
    {
        $system = System::factory()->create();
        $path = "/api/v1/systems/{$system->id}/preparation";
        $this->putJson($path, ['date' => '2027-06-01', 'is_built' => false])->assertOk();

        $this->putJson("{$path}/steps", ['steps' => [['key' => 'fill']]])->assertUnprocessable()->assertJsonValidationErrorFor('steps');
        $this->putJson("{$path}/steps", ['steps' => [['length' => 2]]])->assertUnprocessable()->assertJsonValidationErrorFor('steps.0.key');
        $this->putJson("{$path}/steps", ['steps' => [['key' => 'power', 'length' => 0]]])->assertUnprocessable()->assertJsonValidationErrorFor('steps.0.length');
        $this->assertFalse($this->getJson("/api/v1/systems/{$system->id}")->json('preparation.is_arranged'));
    }

    public function test_fish_that_run_it_in_and_tests_tick_its_steps(): void
    {
        $system = System::factory()->create();
        Carbon::setTestNow('2027-02-01 09:00');
        $this->putJson("/api/v1/systems/{$system->id}/preparation", ['date' => '2027-06-01', 'is_built' => true, 'uses_tap_water' => true])->assertOk();
        $starter = Fish::factory()->livingIn($system)->create(['arrived_on' => '2027-02-01']);
        Carbon::setTestNow(self::TODAY.' 09:00');
        $steps = fn (): array => array_column($this->getJson("/api/v1/systems/{$system->id}")->json('preparation.steps'), null, 'key');

        $this->assertSame(['2027-02-01', true], [$steps()['fill']['done'], $steps()['fill']['is_seen']]);
        $this->assertSame([null, false], [$steps()['starter-out']['done'], $steps()['starter-out']['is_seen']]);
        $this->postJson("/api/v1/fish/{$starter->id}/moves", ['to_system_id' => System::factory()->create()->id, 'date' => self::TODAY])->assertCreated();
        $this->assertSame([self::TODAY, true], [$steps()['starter-out']['done'], $steps()['starter-out']['is_seen']]);
    }

    private function newVat(): int
    {
        return $this->postJson('/api/v1/systems', [
            'name' => 'Weir vat', 'kind' => 'vat', 'temperature' => '24', 'filter_media' => 'carriers', 'filter_litres' => '40 l',
            'pools' => [['type' => 'round', 'diameter' => '2 m', 'depth' => '80 cm']],
        ])->assertCreated()->json('system.id');
    }
}
