<?php

declare(strict_types=1);

namespace Database\Factories;

use App\Models\Species;
use App\Species\Outline;
use Illuminate\Database\Eloquent\Factories\Factory;

/**
 * A peaceful fish of 30 cm that grows up in about two years.
 *
 * @extends Factory<Species>
 */
final class SpeciesFactory extends Factory
{
    protected $model = Species::class;

    /** @return array<string, mixed> */
    public function definition(): array
    {
        $key = 'species-'.(Species::query()->count() + 1);

        return [
            'key' => $key, 'common_name' => ucfirst(str_replace('-', ' ', $key)), 'form' => Outline::Torpedo->value, 'own' => [],
            'description' => fn (array $attributes): array => [
                'key' => $attributes['key'], 'common_name' => $attributes['common_name'], 'scientific_name' => 'Piscis exemplaris',
                'adult_length_mm' => ['low' => 250, 'typical' => 300, 'high' => 350],
                'growth_coefficient_per_year' => ['low' => 0.7, 'typical' => 1.0, 'high' => 1.4],
                'swimming' => 'cruising', 'temperament' => 2,
                'temperature_c' => ['minimum' => 12, 'best' => 26, 'maximum' => 33, 'reference' => 25],
                'keep_c' => ['low' => 20, 'high' => 28],
            ],
        ];
    }

    /** @param  array<string, mixed>  $values  in the words of the scenario format */
    public function described(array $values): self
    {
        return $this->state(fn (array $attributes): array => ['description' => fn (array $all): array => [...$attributes['description']($all), ...$values]]);
    }
}
