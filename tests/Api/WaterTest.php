<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Probe;
use App\Models\System;
use App\Models\WaterTest as Written;
use App\Models\WaterWork;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

final class WaterTest extends ApiTestCase
{
    public function test_a_test_is_recorded_raises_an_alarm_and_is_taken_back(): void
    {
        $kiln = $this->system('Kiln vat');
        $id = $this->postJson("/api/v1/systems/{$kiln}/water-tests", ['date' => self::TODAY, 'values' => ['nitrite_mg_l' => '0.5 mg/l N', 'temperature_c' => '79 F', 'ph' => '']])->assertCreated()->json('id');
        $page = $this->getJson("/api/v1/systems/{$kiln}")->json();

        $this->assertSame(['nitrite'], array_map(fn (array $alarm): string => strtok($alarm['quantity'], '_') ?: '', array_filter($page['system']['water']['alarms'], fn (array $alarm): bool => $alarm['is_urgent'])));
        $this->assertEqualsWithDelta(1.642, array_column($page['tests'][0]['values'], 'value', 'quantity')['nitrite_mg_l'], 0.001);
        $this->assertSame('26.1 °C', array_column($page['tests'][0]['values'], 'said', 'quantity')['temperature_c']);

        $this->deleteJson("/api/v1/water-tests/{$id}")->assertNoContent();
        $this->assertSame([], array_filter($this->getJson("/api/v1/systems/{$kiln}")->json('system.water.alarms'), fn (array $alarm): bool => $alarm['is_urgent']));
        $this->assertNotNull(Written::withTrashed()->find($id), 'what was taken back stays behind');
    }

    public function test_unlikely_values_are_asked_about_and_can_be_kept(): void
    {
        $path = '/api/v1/systems/'.$this->system('Kiln vat').'/water-tests';
        $body = ['date' => self::TODAY, 'values' => ['temperature_c' => '78', 'kh_dkh' => '120']];

        $this->postJson($path, $body)->assertUnprocessable()->assertJsonPath('question', 'unlikely-value')
            ->assertJsonPath('errors.temperature_c.0', '78 °C would scald a fish. Did you mean 78 °F, that is 25.6 °C?')
            ->assertJsonPath('errors.kh_dkh.0', '120 °dH is harder than sea water. Did you mean 120 ppm as calcium carbonate, that is 6.7 °dH?');
        $this->postJson($path, [...$body, 'keep' => true])->assertCreated();
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function bad(): iterable
    {
        yield 'nothing measured' => [['values' => ['ph' => '']], 'values', 'at least one value'];
        yield 'tomorrow' => [['date' => '2027-03-14', 'values' => ['ph' => '7']], 'date', 'still to come'];
        yield 'no day' => [['date' => 'soon', 'values' => ['ph' => '7']], 'date', 'soon'];
        yield 'negative' => [['values' => ['nitrite_mg_l' => '-1']], 'nitrite_mg_l', 'below zero'];
        yield 'a quantity of nowhere' => [['values' => ['iron' => '1']], 'values', 'nothing that a water test measures'];
    }

    /** @param  array<string, mixed>  $body */
    #[DataProvider('bad')]
    public function test_bad_values_name_their_field(array $body, string $field, string $words): void
    {
        $before = Written::query()->count();
        $errors = $this->postJson('/api/v1/systems/'.$this->system('Kiln vat').'/water-tests', ['date' => self::TODAY, ...$body])->assertUnprocessable()->json('errors');

        $this->assertStringContainsString($words, $errors[$field][0] ?? '');
        $this->assertSame($before, Written::query()->count());
    }

    public function test_works_are_recorded(): void
    {
        $path = '/api/v1/systems/'.$this->system('Kiln vat').'/water-works';
        $id = $this->postJson($path, ['date' => self::TODAY, 'kind' => 'water-change', 'percent' => 40])->assertCreated()->json('id');

        $this->assertSame(0.4, WaterWork::query()->findOrFail($id)->share);
        $this->deleteJson("/api/v1/water-works/{$id}")->assertNoContent();
        $this->postJson($path, ['date' => self::TODAY, 'kind' => 'rinsed'])->assertCreated();
        $this->postJson($path, ['date' => self::TODAY, 'kind' => 'water-change'])->assertUnprocessable()->assertJsonValidationErrorFor('percent');
        $this->postJson($path, ['date' => '2027-05-01', 'kind' => 'rinsed'])->assertUnprocessable()->assertJsonValidationErrorFor('date');
        $this->postJson($path, ['date' => self::TODAY, 'kind' => 'sung to'])->assertUnprocessable()->assertJsonValidationErrorFor('kind');
    }

    public function test_the_yield_is_fitted_to_the_tests_of_the_demo(): void
    {
        $nitrate = $this->getJson('/api/v1/systems/'.$this->system('Long tank'))->json('load.nitrate');

        $this->assertEqualsWithDelta(0.55, $nitrate['yield'], 0.1, 'what the demo was made with');
        $this->assertLessThan($nitrate['book_peak'], $nitrate['likely_peak']);
    }

    public function test_a_probe_posts_readings_with_its_token(): void
    {
        $long = $this->system('Sluice tank');
        $token = $this->postJson("/api/v1/systems/{$long}/probes", ['name' => 'Cable'])->assertCreated()->json('token');
        $readings = [
            ['quantity' => 'temperature_c', 'value' => 25.6, 'taken_at' => '2027-03-13T08:10:00Z'],
            ['quantity' => 'temperature_c', 'value' => 25.2, 'taken_at' => '2027-03-13T07:50:00+00:00'],
            ['quantity' => 'temperature_c', 'value' => 25.2, 'taken_at' => '2027-03-12T23:50:00Z'],
        ];

        $this->postAs($token, [$readings[0], $readings[0]])->assertOk()->assertExactJson(['recorded' => 1, 'already_there' => 1]);
        $this->postAs($token, $readings)->assertOk()->assertExactJson(['recorded' => 2, 'already_there' => 1]);
        $this->actingAs($this->keeper, 'web');
        $rows = $this->getJson("/api/v1/systems/{$long}/readings?quantity=temperature_c&days=2")->assertOk()->json('readings');
        $this->assertSame(['2027-03-12T23:50:00', '2027-03-13T07:50:00', '2027-03-13T08:10:00'], array_column($rows, 0), 'in order, whatever order they came in');
        $days = $this->getJson("/api/v1/systems/{$long}/readings?quantity=temperature_c&days=90")->json('readings');
        $this->assertSame(['2027-03-12', 25.2, 25.2, 25.2], $days[0]);
        $this->assertSame(['2027-03-13', 25.2, 25.4, 25.6], $days[1]);
        $this->assertSame(self::TODAY, $this->getJson("/api/v1/systems/{$long}")->json('system.water.tested_on'));
    }

    public function test_days_are_those_of_the_facility_s_calendar(): void
    {
        DB::table('facilities')->update(['time_zone' => 'Pacific/Auckland']);
        $probe = $this->probe();
        $this->postAs($probe, [['quantity' => 'ph', 'value' => 7.1, 'taken_at' => '2027-03-12T12:00:00Z']])->assertOk();

        $this->assertSame('2027-03-13', DB::table('daily_readings')->where('quantity', 'ph')->value('day'));
    }

    public function test_weeks_are_summed_up_as_their_days_come_in(): void
    {
        $probe = $this->probe();
        $post = fn (string $at, float $value) => $this->postAs($probe, [['quantity' => 'temperature_c', 'value' => $value, 'taken_at' => $at]])->assertOk();
        $post('2027-02-12T12:00:00Z', 24.0);
        $post('2027-02-13T12:00:00Z', 26.0);
        $row = DB::table('weekly_temperatures')->where('system_id', $this->system('Sluice tank'))->sole();

        $this->assertSame(['2027-02-12', '2027-02-13', 25.0], [$row->middle, $row->last_day, $row->mean]);
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function badReadings(): iterable
    {
        $good = ['quantity' => 'temperature_c', 'value' => 25.0, 'taken_at' => '2027-03-13T08:10:00Z'];
        yield 'an unknown quantity' => [[...$good, 'quantity' => 'mood'], 'readings.1.quantity', ''];
        yield 'no number' => [[...$good, 'value' => 'warm'], 'readings.1.value', ''];
        yield 'past what can be' => [[...$good, 'value' => 4000], 'readings.1.value', 'check the probe'];
        yield 'a time without a zone' => [[...$good, 'taken_at' => '2027-03-13 08:10'], 'readings.1.taken_at', 'no time with a zone'];
        yield 'a time to come' => [[...$good, 'taken_at' => '2027-03-13T12:00:00Z'], 'readings.1.taken_at', 'clock of the probe'];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('badReadings')]
    public function test_one_bad_reading_refuses_all_and_is_named(array $wrong, string $field, string $words): void
    {
        $before = DB::table('readings')->count();
        $errors = $this->postAs($this->probe(), [['quantity' => 'temperature_c', 'value' => 25.0, 'taken_at' => '2027-03-13T08:00:00Z'], $wrong])->assertUnprocessable()->json('errors');

        $this->assertStringContainsString($words, $errors[$field][0]);
        $this->assertSame($before, DB::table('readings')->count());
    }

    public function test_only_a_probe_that_is_known_may_post(): void
    {
        $reading = [['quantity' => 'ph', 'value' => 7.0, 'taken_at' => '2027-03-13T08:00:00Z']];
        $this->postAs('1|nonsense', $reading)->assertUnauthorized()->assertJsonPath('message', 'This token is not known here. Make one on the page of the system.');
        $token = $this->probe();
        $this->actingAs($this->keeper, 'web');
        $this->postJson('/api/v1/device/readings', ['readings' => $reading])->assertUnauthorized();
        $this->deleteJson('/api/v1/probes/'.Probe::query()->latest('id')->value('id'))->assertNoContent();
        $this->postAs($token, $reading)->assertUnauthorized();
    }

    public function test_a_token_is_shown_once_and_never_kept_in_the_clear(): void
    {
        $token = $this->postJson('/api/v1/systems/'.$this->system('Kiln vat').'/probes', ['name' => 'Cable'], ['Idempotency-Key' => 'abc'])->json('token');
        $secret = explode('|', $token)[1];

        foreach (['personal_access_tokens', 'recorded_requests', 'activity_log'] as $table) {
            $this->assertStringNotContainsString($secret, (string) json_encode(DB::table($table)->get()));
        }
        $this->postJson('/api/v1/systems/'.$this->system('Kiln vat').'/probes', ['name' => ''])->assertUnprocessable();
    }

    public function test_readings_steer_the_growth_that_is_projected(): void
    {
        $pond = System::query()->where('name', 'Lock pond')->firstOrFail();
        $fish = fn (): float => $this->getJson('/api/v1/fish/'.$this->fish('Kestrel'))->json('fish.length_mm.likely');
        $before = $fish();
        DB::table('weekly_temperatures')->where('system_id', $pond->id)->where('middle', '>=', '2026-11-01')->update(['mean' => 20.0]);

        $this->assertGreaterThan($before, $fish(), 'a warm winter');
    }

    public function test_refill_and_tub(): void
    {
        $kiln = $this->system('Kiln vat');
        $refill = $this->getJson("/api/v1/systems/{$kiln}/refill?percent=25&cold=10&hot=60&dose=5")->assertOk()->json();
        $this->assertEqualsWithDelta($refill['litres'], $refill['hot_litres'] + $refill['cold_litres'], 0.2);
        $this->assertEqualsWithDelta($refill['litres'] / 100 * 5, $refill['dose_ml'], 0.1);
        $this->getJson("/api/v1/systems/{$kiln}/refill?percent=25&cold=60&hot=10")->assertUnprocessable()->assertJsonValidationErrorFor('hot_c');
        $this->getJson("/api/v1/systems/{$kiln}/refill?percent=0&cold=10&hot=60")->assertUnprocessable()->assertJsonValidationErrorFor('percent');

        $tub = $this->getJson('/api/v1/fish/'.$this->fish('Clover').'/tub?litres=60')->assertOk()->json();
        $this->assertStringContainsString('good for about '.floor($tub['minutes']).' minutes with Clover', $tub['sentence']);
        $this->getJson('/api/v1/fish/'.$this->fish('Clover').'/tub?litres=lots')->assertUnprocessable()->assertJsonValidationErrorFor('litres');
    }

    private function probe(): string
    {
        return Probe::query()->create(['system_id' => $this->system('Sluice tank'), 'name' => 'Cable'])->createToken('Cable', [Probe::MAY_POST])->plainTextToken;
    }

    /** @param  list<array<string, mixed>>  $readings */
    private function postAs(string $token, array $readings): TestResponse
    {
        $this->app->make('auth')->forgetGuards();

        return $this->postJson('/api/v1/device/readings', ['readings' => $readings], ['Authorization' => "Bearer {$token}"]);
    }
}
