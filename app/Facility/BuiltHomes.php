<?php

declare(strict_types=1);

namespace App\Facility;

use App\Language\Messages;
use App\Scenario\ScenarioMapper;
use Biomegas\Facility\Fitting;
use Biomegas\Facility\System;
use Biomegas\Facility\SystemKind;
use Biomegas\Measure\Sides;
use Biomegas\Planning\HomesAhead\HomeToBuild;

/** Homes that a plan would build, kept in the words of the scenario format; what they are called follows the keeper's units. */
final readonly class BuiltHomes
{
    /** @return array<string, mixed> */
    public static function write(System $home): array
    {
        $shape = $home->pools[0]->shape;
        [$length, $width] = [$shape->swimLength(), $shape->turningWidth()];

        return array_filter([
            'key' => $home->key,
            'kind' => $home->kind->value,
            'shape' => ['type' => 'box', 'length_mm' => round($length), 'width_mm' => round($width), 'depth_mm' => round($shape->depth())],
            'temperature_c' => $home->temperature?->warmest(),
            'fittings' => array_map(fn (Fitting $fitting): string => $fitting->value, $home->fittings),
            'salinity' => $home->salinity->value,
            'opening_cost' => round($home->opening->price ?? 0.0, 2),
            'lead_days' => $home->opening->leadDays ?? 0,
        ], fn (mixed $value): bool => $value !== null);
    }

    /** @param  array<string, mixed>  $description */
    public static function read(array $description, Messages $says): System
    {
        $kind = SystemKind::from($description['kind']);
        $sides = Sides::ofMillimetres($description['shape']['length_mm'], $description['shape']['width_mm']);

        return ScenarioMapper::system([...$description, 'name' => $says->phrase(HomeToBuild::named($kind, isset($description['temperature_c']), $sides))]);
    }
}
