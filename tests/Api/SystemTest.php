<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Models\Role;
use App\Models\System;
use PHPUnit\Framework\Attributes\DataProvider;

final class SystemTest extends ApiTestCase
{
    private const TANK = ['name' => 'Weir tank', 'kind' => 'tank', 'pools' => [['type' => 'box', 'length' => '48 in', 'width' => '18"', 'depth' => '50 cm', 'outside' => true, 'glass' => '1 cm']]];

    public function test_a_page_tells_all_of_a_system(): void
    {
        $page = $this->getJson('/api/v1/systems/'.$this->system('Long tank'))->assertOk()->json();

        $this->assertSame('Long tank', $page['system']['name']);
        $this->assertCount(1 + intdiv(1095, 7), $page['plan']['dates']);
        $this->assertSame(self::TODAY, $page['plan']['dates'][0]);
        $this->assertCount(3, $page['plan']['fish']);
        $this->assertEqualsWithDelta($page['system']['fish'][0]['length_mm']['likely'], $page['plan']['fish'][0]['likely_mm'][0], 0.2);
        $this->assertGreaterThan($page['load']['months'][0]['mass_g'], $page['load']['months'][30]['mass_g']);
        $this->assertSame('240 cm', $page['form']['pools'][0]['length']);
        $this->assertNotEmpty($page['tests']);
        $this->assertNotEmpty($page['works']);
        $this->assertSame(['Long tank probe'], array_column($page['probes'], 'name'));
        $this->assertNull($page['preparation']);
    }

    public function test_a_system_is_added_as_typed_and_taken_back(): void
    {
        $id = $this->postJson('/api/v1/systems', self::TANK)->assertCreated()
            ->assertJsonPath('system.walk_order', 10)->assertJsonPath('system.basins.0.outline_mm.1', [1199.2, 0])->json('system.id');

        $this->deleteJson("/api/v1/systems/{$id}")->assertNoContent();
        $this->assertNull(System::query()->find($id));
    }

    public function test_every_shape_can_be_entered(): void
    {
        $shapes = [
            [['type' => 'round', 'diameter' => '2.4 m', 'depth' => '90 cm'], 4071.5],
            [['type' => 'l', 'length' => '2 m', 'width' => '60 cm', 'leg_length' => '90 cm', 'leg_width' => '50 cm', 'depth' => '50 cm'], 825.0],
            [['type' => 'bow', 'length' => '100 cm', 'width' => '40 cm', 'bow' => '50 cm', 'depth' => '50 cm'], 396.3],
            [['type' => 'outline', 'points' => [[0, 0], [4000, 0], [4000, 3000], [0, 3000]], 'depth' => '1 m'], 12000.0],
        ];
        foreach ($shapes as [$shape, $litres]) {
            $this->assertEqualsWithDelta($litres, $this->postJson('/api/v1/systems/preview', ['name' => '', 'kind' => 'pond', 'pools' => [$shape]])->assertOk()->json('litres'), 0.1);
        }
        $both = $this->postJson('/api/v1/systems/preview', ['name' => '', 'kind' => 'vat', 'pools' => [$shapes[0][0], $shapes[3][0]], 'sump' => '100 gal'])->assertOk();
        $both->assertJsonCount(2, 'basins');
        $this->assertEqualsWithDelta(16071.5 + 378.5, $both->json('water_litres'), 0.2);
    }

    public function test_equipment_is_kept_and_comes_back_as_typed(): void
    {
        $typed = [
            ...self::TANK, 'temperature' => '26', 'ph' => '7.2', 'gh' => '12', 'fittings' => ['lid', 'flow'], 'overflow_slot' => '6 mm', 'sump' => '120 l', 'decor_floor' => '10 %', 'decor_litres' => '12 l', 'decor_kilograms' => '30',
            'filter_media' => 'carriers', 'filter_litres' => '20 l', 'turnover' => '2400', 'heater_watts' => '400', 'light_on' => '08:30', 'light_dim' => '19:00', 'light_off' => '21:00', 'light_window' => true,
            'weekly_change' => '30', 'opening_price' => '1200', 'lead_days' => '45', 'source' => 'Well', 'substrate' => 'sand', 'site' => 'Yard', 'walk_order' => 2, 'dividers' => [['at' => '40 cm', 'from' => '2027-03-01', 'until' => '2027-04-01']],
        ];
        $page = $this->postJson('/api/v1/systems', $typed)->assertCreated()->json();

        foreach (['temperature' => '26', 'sump' => '120 l', 'decor_floor' => '10 %', 'filter_litres' => '20 l', 'turnover' => '2400 l', 'weekly_change' => '30 %', 'opening_price' => '1200', 'lead_days' => '45', 'light_dim' => '19:00', 'walk_order' => 2, 'site' => 'Yard'] as $field => $text) {
            $this->assertSame($text, $page['form'][$field], $field);
        }
        $this->assertSame([400.0], array_map(floatval(...), $page['system']['basins'][0]['dividers_mm']));
        $this->assertSame('Cabin tank', $this->getJson('/api/v1/systems')->json('2.name'), 'the others move on');
        $again = $this->putJson("/api/v1/systems/{$page['system']['id']}", $page['form'])->assertOk()->json('form');
        $this->assertSame([...$page['form'], 'version' => 2], $again, 'what is sent back unchanged changes nothing');
    }

    public function test_a_stale_change_is_refused(): void
    {
        $page = $this->postJson('/api/v1/systems', self::TANK)->json();
        $this->putJson("/api/v1/systems/{$page['system']['id']}", [...$page['form'], 'site' => 'Yard'])->assertOk();

        $this->putJson("/api/v1/systems/{$page['system']['id']}", [...$page['form'], 'site' => 'Shed'])->assertConflict();
    }

    /** @return iterable<string, array{array<string, mixed>, string, string}> */
    public static function bad(): iterable
    {
        $box = fn (array $sizes): array => ['pools' => [[...self::TANK['pools'][0], ...$sizes]]];
        yield 'no name' => [['name' => ''], 'name', 'This is missing.'];
        yield 'a name that is taken' => [['name' => 'Long tank'], 'name', 'has this name already'];
        yield 'no depth' => [$box(['depth' => '']), 'pools.0.depth', 'Give the depth.'];
        yield 'zero depth' => [$box(['depth' => '0 cm']), 'pools.0.depth', 'more than zero'];
        yield 'negative width' => [$box(['width' => '-40 cm']), 'pools.0.width', 'more than zero'];
        yield 'a size past belief' => [$box(['length' => '4800 ft']), 'pools.0.length', 'cannot be right'];
        yield 'glass thicker than the tank' => [$box(['width' => '6 cm', 'glass' => '3 cm']), 'pools.0.depth', 'no room'];
        yield 'an outline that crosses itself' => [['pools' => [['type' => 'outline', 'depth' => '1 m', 'points' => [[0, 0], [3000, 2000], [3000, 0], [0, 1500]]]]], 'pools.0.points', 'crosses itself'];
        yield 'an outline of two corners' => [['pools' => [['type' => 'outline', 'depth' => '1 m', 'points' => [[0, 0], [3000, 2000]]]]], 'pools.0.points', 'three corners'];
        yield 'Fahrenheit for Celsius' => [['temperature' => '78'], 'temperature', 'Did you mean 78 °F'];
        yield 'the seasons without a month' => [['months' => array_fill(0, 12, '')], 'months', 'all twelve months'];
        yield 'eleven months' => [['months' => array_fill(0, 11, '10')], 'months', 'all twelve months'];
        yield 'media without litres' => [['filter_media' => 'sponge'], 'filter_litres', 'how much of the media'];
        yield 'lights out of order' => [['light_on' => '20:00', 'light_off' => '08:00'], 'light_on', 'then go out'];
        yield 'half of a light' => [['light_on' => '08:00'], 'light_off', 'Give both'];
        yield 'a divider outside' => [['dividers' => [['at' => '3 m', 'from' => '2027-03-01']]], 'dividers', 'inside the pool'];
        yield 'more rock than water' => [['decor_litres' => '9999 l'], 'decor_litres', 'more room than there is'];
        yield 'half a day of building' => [['lead_days' => '1.5'], 'lead_days', 'whole number'];
        yield 'a share over all' => [['weekly_change' => '120'], 'weekly_change', 'not a share'];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('bad')]
    public function test_bad_input_names_its_field(array $wrong, string $field, string $words): void
    {
        $errors = $this->postJson('/api/v1/systems', [...self::TANK, ...$wrong])->assertUnprocessable()->json('errors');

        $this->assertStringContainsString($words, $errors[$field][0] ?? json_encode($errors));
        $this->assertArrayHasKey($field, $errors);
        $this->assertSame(9, System::query()->count());
    }

    public function test_a_system_with_a_history_stays(): void
    {
        $this->deleteJson('/api/v1/systems/'.$this->system('Long tank'))->assertUnprocessable()->assertJsonPath('errors.system.0', 'Long tank stays, so that what happened stays: one brood, readings of a probe, weeks of meals, a feeding plan, 168 meals, 6 moves, one probe, one payment, 6 stays of fish, 8 water tests, 16 entries of water work, temperatures of a probe. Retire it if it is used no more, or rename it if it is called otherwise now.');
    }

    public function test_a_viewer_adds_no_system(): void
    {
        $this->keeper->update(['role' => Role::Viewer]);

        $this->postJson('/api/v1/systems', self::TANK)->assertForbidden();
        $this->getJson('/api/v1/systems/'.$this->system('Long tank'))->assertOk();
    }

    public function test_a_pond_may_begin_with_the_water_of_a_climate(): void
    {
        $climates = $this->getJson('/api/v1/pond-climates')->assertOk()->json();
        $mild = array_column($climates, null, 'climate')['mild-by-the-sea'];
        $this->assertSame(['5', '20', '6'], [$mild['northern'][0], $mild['northern'][6], $mild['northern'][11]]);
        $this->assertSame($mild['northern'][6], $mild['southern'][0]);

        $this->postJson('/api/v1/systems', [...self::TANK, 'temperature' => null, 'months' => $mild['southern']])->assertCreated()->assertJsonPath('form.months', $mild['southern']);
    }

    public function test_a_us_facility_reads_the_climates_in_fahrenheit(): void
    {
        \App\Models\FacilitySettings::query()->update(['unit_system' => 'us']);

        $this->getJson('/api/v1/pond-climates')->assertOk()->assertJsonPath('4.northern.0', '77 F');
    }

    public function test_usual_tanks_fill_in_the_form(): void
    {
        $tanks = $this->getJson('/api/v1/usual-tanks')->assertOk()->json();
        foreach ($tanks as $i => ['length' => $length, 'width' => $width, 'depth' => $depth, 'glass' => $glass]) {
            $this->postJson('/api/v1/systems', [...self::TANK, 'name' => "Sold {$i}", 'pools' => [['type' => 'box', 'outside' => true, ...compact('length', 'width', 'depth', 'glass')]]])->assertCreated();
        }
    }

    public function test_a_us_facility_reads_them_in_inches_and_gallons(): void
    {
        \App\Models\FacilitySettings::query()->update(['unit_system' => 'us']);
        $tank = array_column($this->getJson('/api/v1/usual-tanks')->assertOk()->json(), null, 'volume')['75 gal'];

        $this->assertSame(['48 in', '18 in', '21 in', '20 in', '0.39 in'], [$tank['length'], $tank['width'], $tank['height'], $tank['depth'], $tank['glass']]);
    }
}
