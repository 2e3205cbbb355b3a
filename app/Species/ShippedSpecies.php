<?php

declare(strict_types=1);

namespace App\Species;

use App\Models\Species;

/** The species that come with the application: database/species, a file for each group. */
final readonly class ShippedSpecies
{
    /** @return list<array{form: string, description: array<string, mixed>}> */
    public static function all(): array
    {
        $all = [];
        foreach (glob(database_path('species/*.json')) ?: [] as $file) {
            array_push($all, ...json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR));
        }

        return $all;
    }

    /** Puts them into a new installation. */
    public static function install(): void
    {
        $rows = array_map(fn (array $species): array => [
            'key' => $species['description']['key'],
            'common_name' => $species['description']['common_name'],
            'description' => json_encode($species['description'], JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            'form' => $species['form'],
            'created_at' => now(),
            'updated_at' => now(),
        ], self::all());
        foreach (array_chunk($rows, 50) as $some) {
            Species::query()->insert($some);
        }
    }
}
