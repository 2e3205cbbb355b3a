<?php

declare(strict_types=1);

namespace Tests\Api;

use App\Feeding\ShippedFoods;
use App\Models\FacilitySettings;
use App\Models\Fish;
use App\Models\Food;
use App\Models\System;
use App\Species\ShippedSpecies;
use Illuminate\Support\Facades\DB;

/** The place itself: its name, units and money, the demo in an empty one, and systems that are used no more. */
final class PlaceTest extends OwnFacilityTestCase
{
    public function test_the_demo_is_loaded_into_an_empty_place_and_cleared_again(): void
    {
        ShippedSpecies::install();
        $kept = fn (): array => array_map(fn (string $table): int => DB::table($table)->count(), ['species', 'users', 'facilities']);
        $before = $kept();
        $this->deleteJson('/api/v1/demo')->assertUnprocessable()->assertJsonPath('errors.demo.0', 'This is no demo: it is not cleared.');
        $this->postJson('/api/v1/demo')->assertNoContent();
        $this->assertCount(9, $this->getJson('/api/v1/systems')->assertOk()->json());
        $this->assertTrue($this->getJson('/api/v1/session')->json('keeper.is_demo'));
        $this->postJson('/api/v1/demo')->assertUnprocessable()->assertJsonValidationErrors('demo');

        $this->deleteJson('/api/v1/demo')->assertNoContent();
        $this->assertSame([0, 0], [System::query()->count(), Fish::query()->count()]);
        $this->assertSame([], $this->getJson('/api/v1/today')->assertOk()->json('systems'));
        $this->assertSame($before, $kept());
        $this->assertSame([count(ShippedFoods::all()), 0], [Food::query()->count(), Food::query()->whereNotNull('price')->count()], 'foods as they came, without the prices of the demo');
        $this->assertSame([], DB::select('pragma foreign_key_check'));
    }

    public function test_name_units_zone_and_money_are_changed(): void
    {
        $place = ['change_days' => [6], 'measure_days' => [], 'facility' => 'Reed house', 'unit_system' => 'us', 'time_zone' => 'America/New_York', 'currency' => 'USD'];
        $us = ['length' => 'us', 'volume' => 'us', 'temperature' => 'us', 'mass' => 'us'];
        $this->putJson('/api/v1/facility', $place)->assertOk()->assertExactJson([...$place, 'units' => $us]);
        $this->putJson('/api/v1/facility', [...$place, 'units' => ['temperature' => 'metric']])->assertOk()->assertJsonPath('units', [...$us, 'temperature' => 'metric']);
        $this->assertSame(['Reed house', [...$us, 'temperature' => 'metric'], 'USD'], array_values(array_intersect_key($this->getJson('/api/v1/session')->json('keeper'), ['facility' => 0, 'units' => 0, 'currency' => 0])));
        $this->putJson('/api/v1/facility', [...$place, 'currency' => 'FISH', 'time_zone' => 'Pond'])->assertUnprocessable()
            ->assertJsonPath('errors.currency.0', 'Choose a currency from the list.')->assertJsonValidationErrors('time_zone');
        $this->assertSame('USD', FacilitySettings::query()->firstOrFail()->currency);
    }

    public function test_a_system_is_retired_with_its_history_and_used_again(): void
    {
        [$old, $new] = [System::factory()->create(['name' => 'Old tank', 'walk_order' => 1]), System::factory()->create(['name' => 'New tank', 'walk_order' => 2])];
        $fish = Fish::factory()->livingIn($old)->create(['name' => 'Moss', 'arrived_on' => '2026-05-01']);
        System::query()->where('name', 'Tank 3')->delete();
        $this->postJson("/api/v1/systems/{$old->id}/retirement")->assertUnprocessable()->assertJsonPath('errors.system.0', 'Somebody lives in Old tank. Move them first.');
        $this->postJson("/api/v1/fish/{$fish->id}/moves", ['to_system_id' => $new->id, 'date' => self::TODAY])->assertCreated();

        $this->postJson("/api/v1/systems/{$old->id}/retirement")->assertNoContent();
        $this->assertSame([['New tank', 1]], array_map(fn (array $one): array => [$one['name'], $one['walk_order']], $this->getJson('/api/v1/systems')->json()));
        $this->assertSame([['Old tank', self::TODAY]], array_map(fn (array $one): array => [$one['name'], $one['retired_on']], $this->getJson('/api/v1/former-systems')->json()));
        $sheet = $this->getJson("/api/v1/fish/{$fish->id}")->assertOk()->json();
        $this->assertSame(['Old tank', 'New tank'], array_column($sheet['stays'], 'name'));
        $this->assertSame(['New tank'], array_column($sheet['homes'], 'name'), 'no home any more');
        $this->getJson("/api/v1/systems/{$old->id}")->assertOk();
        $this->postJson("/api/v1/fish/{$fish->id}/moves", ['to_system_id' => $old->id, 'date' => self::TODAY])->assertUnprocessable();

        $this->deleteJson("/api/v1/systems/{$old->id}/retirement")->assertNoContent();
        $this->assertSame(['New tank', 'Old tank'], array_column($this->getJson('/api/v1/systems')->json(), 'name'));
    }
}
