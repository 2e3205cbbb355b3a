<?php

declare(strict_types=1);

namespace Tests;

use App\Scenario\ScenarioMapper;
use Biomegas\Facility\Background;
use Biomegas\Facility\Species;

/** The species that come with the application, without a database; read once in a run. */
final class SampleSpecies
{
    /** @var array<string, array<string, mixed>>|null */
    private static ?array $descriptions = null;

    /** @var array<string, Species> */
    private static array $species = [];

    public static function named(string $key): Species
    {
        return self::$species[$key] ??= ScenarioMapper::species(self::descriptions()[$key]);
    }

    public static function backgroundOf(string $key): Background
    {
        return ScenarioMapper::background(self::descriptions()[$key]);
    }

    /** @return array<string, array<string, mixed>> by key */
    public static function descriptions(): array
    {
        return self::$descriptions ??= self::read();
    }

    /** @return array<string, array<string, mixed>> */
    private static function read(): array
    {
        $all = [];
        foreach (glob(__DIR__.'/../database/species/*.json') ?: [] as $file) {
            foreach (json_decode((string) file_get_contents($file), true, 64, JSON_THROW_ON_ERROR) as $species) {
                $all[$species['description']['key']] = $species['description'];
            }
        }

        return $all;
    }
}
