<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Language\Messages;
use App\Scenario\InputFile;
use App\Scenario\InvalidDocument;
use App\Scenario\JsonDocument;
use Biomegas\Finding\Finding;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use Biomegas\Moving\Mixing\Hardiness;
use Biomegas\Moving\Mixing\MixingWay;
use Biomegas\Moving\Mixing\Portion;
use Biomegas\Moving\Mixing\WaterMatch;
use Biomegas\Moving\Mixing\WaterSample;
use Illuminate\Console\Command;

/** Compares two waters and says how a fish is brought from one to the other. */
final class MatchCommand extends Command
{
    use ReadsInput;

    protected $signature = 'biomegas:match
        {--from= : a water test as JSON (docs/formats/water.schema.json), or - for standard input}
        {--to= : the water it goes to}
        {--fish=usual : hardy, usual or sensitive}
        {--mix=take-out : fill-up, pour-off or take-out}
        {--container=20 : litres that the container holds to the brim}
        {--json : print JSON, as always}';

    protected $description = 'Compare two waters: class, reasons and a mixing schedule';

    private const MOST_LITRES = 100_000;

    public function handle(): int
    {
        return $this->answer($this->match(...));
    }

    /** @return array<string, mixed> */
    private function match(): array
    {
        $fish = Hardiness::tryFrom((string) $this->option('fish')) ?? throw InvalidDocument::at('--fish', Finding::of('document.unknown_hardiness'));
        $way = MixingWay::tryFrom((string) $this->option('mix')) ?? throw InvalidDocument::at('--mix', Finding::of('document.unknown_mixing'));
        $match = WaterMatch::of($this->water('from'), $this->water('to'), $fish, $way, $this->number('container', 0.1, self::MOST_LITRES));

        return [
            'class' => $match->class->value,
            'reasons' => (new Messages(Units::of(UnitSystem::Metric), app()->getLocale()))->sayEach($match->reasons),
            'minutes' => round($match->schedule->minutes, 1),
            'portions' => array_map(fn (Portion $portion): array => [
                'minute' => round($portion->minute, 1), 'litres' => round($portion->litres, 3), 'remaining' => round($portion->remaining, 4),
            ], $match->schedule->portions),
        ];
    }

    /** @throws InvalidDocument naming the file and what was expected */
    private function water(string $option): WaterSample
    {
        $file = $this->option($option);
        if (! is_string($file) || $file === '') {
            throw InvalidDocument::at("--{$option}", Finding::of('document.no_water_test'));
        }
        $d = JsonDocument::read(InputFile::read($file), $file, 'water');

        return new WaterSample(
            $d['temperature_c'] ?? null, $d['ph'] ?? null, $d['kh_dkh'] ?? null, $d['gh_dgh'] ?? null, $d['conductivity_us'] ?? null,
            $d['ammonia_mg_l'] ?? null, $d['nitrite_mg_l'] ?? null, $d['nitrate_mg_l'] ?? null, $d['salinity_ppt'] ?? null,
        );
    }
}
