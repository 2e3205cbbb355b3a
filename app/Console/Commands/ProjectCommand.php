<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Language\Messages;
use App\Scenario\InputFile;
use App\Scenario\ScenarioReader;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Growth\Projection\LengthBand;
use Biomegas\Growth\Shoal;
use Biomegas\Growth\Sources;
use Biomegas\Growth\Stall;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use Biomegas\Planning\FishOutlook;
use Biomegas\Planning\HomeOutlook;
use Biomegas\Planning\MeasurementDue;
use Biomegas\Planning\SystemOutlook;
use Illuminate\Console\Command;

/** Projects every fish of a scenario: lengths, adult size, and when it outgrows each system. */
final class ProjectCommand extends Command
{
    use ReadsInput;

    protected $signature = 'biomegas:project {file? : scenario file, or - for standard input} {--json : print JSON, as always}';

    protected $description = 'Project the fish of a scenario and say when they outgrow each system';

    private const AHEAD_DAYS = ['now' => 0, 'in_30_days' => 30, 'in_90_days' => 90, 'in_180_days' => 180, 'in_365_days' => 365];

    public function handle(): int
    {
        return $this->answer(fn (): array => $this->project(ScenarioReader::read(InputFile::named($this->argument('file')))));
    }

    /** @return array<string, mixed> */
    private function project(Facility $facility): array
    {
        $growth = new FacilityGrowth($facility, FacilityGrowth::paceOf($facility));
        $outlooks = array_map(fn (Fish $fish): FishOutlook => FishOutlook::of($growth, $fish), $facility->fish);

        return [
            'fish' => (object) array_map(fn (FishOutlook $outlook): array => $this->fish($growth, $outlook), $outlooks),
            'systems' => (object) array_map(fn (System $system): array => ['full' => $this->full($facility, $system, $outlooks)], $facility->systems),
        ];
    }

    /** @return array<string, mixed> */
    private function fish(FacilityGrowth $study, FishOutlook $outlook): array
    {
        $facility = $study->facility;
        $growth = $outlook->growth;
        $leading = $growth->leading();
        $sources = Sources::of($leading, $study->priorWithoutKin($outlook->fish, $leading->species));
        $pace = $growth->pace();

        return [
            'length_mm' => array_map(fn (int $days): array => $this->band($growth->lengthOn($facility->date->plusDays($days))), self::AHEAD_DAYS),
            'adult_length_mm' => $this->band($growth->adultLength()),
            'pace' => $pace === null ? null : round($pace, 1),
            'flagged' => array_map(fn (LocalDate $date): string => $date->toIso(), $growth->flagged()),
            'species' => (object) array_combine(
                array_map(fn (array $species): string => $species[1]->species->key, $growth->candidates),
                array_map(fn (array $species): float => round($species[0], 4), $growth->candidates),
            ),
            'stall' => Stall::of($leading)->value,
            'sources' => ['own' => round($sources->ownLengths, 3), 'kin' => round($sources->kin, 3), 'kind' => round($sources->species, 3)],
            'largest_over_mean' => round(Shoal::of($outlook->fish)->largestAt($growth->lengthOn($facility->date)->likely), 3),
            'measure_on' => MeasurementDue::of($outlook)?->toIso(),
            'homes' => (object) array_map($this->home(...), $outlook->homes()),
        ];
    }

    /** @return array<string, mixed> */
    private function home(HomeOutlook $home): array
    {
        $window = $home->outgrows;

        return [
            'fits_now' => $home->fitsNow,
            'rule' => $home->limit->binding->value,
            'limit_mm' => round($home->limit->millimetres, 2),
            'outgrows' => [
                'probability' => round($window->probability, 4),
                'early' => $window->early?->toIso(),
                'likely' => $window->likely?->toIso(),
                'late' => $window->late?->toIso(),
                'late_means' => $window->lateMeans?->value,
            ],
        ];
    }

    /**
     * @param  array<string, FishOutlook>  $outlooks
     * @return array<string, string|null>|null
     */
    private function full(Facility $facility, System $system, array $outlooks): ?array
    {
        $full = SystemOutlook::of($facility, $system, $outlooks);

        return $full === null ? null : [
            'early' => $full->early?->toIso(),
            'likely' => $full->likely?->toIso(),
            'late' => $full->late?->toIso(),
            'because' => (new Messages(Units::of(UnitSystem::Metric), app()->getLocale()))->phrase($full->because),
        ];
    }

    /** @return array{low: float, likely: float, high: float} */
    private function band(LengthBand $band): array
    {
        return ['low' => round($band->low, 2), 'likely' => round($band->likely, 2), 'high' => round($band->high, 2)];
    }
}
