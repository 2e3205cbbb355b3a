<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\FacilitySettings;
use Biomegas\Measure\UnitSystem;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A facility in metric units with the standard rules.
 *
 * @extends Factory<FacilitySettings>
 */
final class FacilitySettingsFactory extends Factory
{
    protected $model = FacilitySettings::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        return ['name' => 'Fish house', 'unit_system' => UnitSystem::Metric, 'time_zone' => 'Europe/London', 'horizon_days' => 1095, 'rulebook' => []];
    }
}
