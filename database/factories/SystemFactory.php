<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\System;
use Biomegas\Facility\SystemKind;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A heated tank of fresh water, the last on the round.
 *
 * @extends Factory<System>
 */
final class SystemFactory extends Factory
{
    protected $model = System::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        $number = System::query()->count() + 1;

        return ['name' => "Tank {$number}", 'kind' => SystemKind::Tank, 'walk_order' => $number, 'description' => self::tank(2000, 800)];
    }

    /** Inside, in centimetres. */
    public function measuring(float $length, float $width): self
    {
        return $this->state(['description' => self::tank(10 * $length, 10 * $width)]);
    }

    /** @return array<string, mixed> */
    private static function tank(float $length, float $width): array
    {
        return [
            'shape' => ['type' => 'box', 'length_mm' => $length, 'width_mm' => $width, 'depth_mm' => 600],
            'temperature_c' => 25,
        ];
    }
}
