<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Fish;
use App\Models\Species;
use App\Models\System;
use Biomegas\Rulebook\Method;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * One fish that came half a year ago and lives in a home of its own.
 *
 * @extends Factory<Fish>
 */
final class FishFactory extends Factory
{
    protected $model = Fish::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        $number = Fish::query()->count() + 1;

        return ['name' => "Fish {$number}", 'species_id' => Species::factory(), 'arrived_on' => now()->subMonths(6)->toDateString(), 'band' => $number % 8];
    }

    public function configure(): self
    {
        return $this->afterCreating(function (Fish $fish): void {
            if ($fish->stays()->doesntExist()) {
                $this->settle($fish, System::factory()->create());
            }
        });
    }

    public function livingIn(System $system): self
    {
        return $this->afterCreating(fn (Fish $fish) => $this->settle($fish, $system));
    }

    /** @param  array<string, float>  $centimetres  by day */
    public function measuring(array $centimetres): self
    {
        return $this->afterCreating(function (Fish $fish) use ($centimetres): void {
            foreach ($centimetres as $day => $length) {
                $fish->measurements()->create(['date' => $day, 'length_tenth_mm' => (int) round(100 * $length), 'method' => Method::Ruler, 'sample' => 1]);
            }
        });
    }

    private function settle(Fish $fish, System $system): void
    {
        $fish->stays()->delete();
        $fish->stays()->create(['system_id' => $system->id, 'from' => $fish->arrived_on]);
    }
}
