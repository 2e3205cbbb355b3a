<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Language\Messages;
use App\Scenario\InputFile;
use App\Scenario\ScenarioReader;
use Biomegas\Calendar\LocalDate;
use Biomegas\Company\PairReason;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Growth\FacilityGrowth;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use Biomegas\Planning\Company\CompanyGrid;
use Biomegas\Planning\Company\Pair;
use Biomegas\Planning\HomesAhead\LengthsAhead;
use Illuminate\Console\Command;

/** Holds every two fish of a scenario against each other. */
final class CompanyCommand extends Command
{
    use ReadsInput;

    protected $signature = 'biomegas:company {file? : scenario file, or - for standard input}';

    protected $description = 'Say who of a scenario can live with whom, from when until when';

    public function handle(): int
    {
        return $this->answer(fn (): array => $this->company(ScenarioReader::read(InputFile::named($this->argument('file')))));
    }

    /** @return array<string, mixed> */
    private function company(Facility $facility): array
    {
        $growth = new FacilityGrowth($facility, FacilityGrowth::paceOf($facility));
        $grid = CompanyGrid::of($facility, array_values($facility->fish), fn (Fish $fish): LengthsAhead => LengthsAhead::of($facility, $growth->projectionOf($fish)));

        return [
            'pairs' => array_map($this->pair(...), $grid->pairs),
            'may_join' => (object) array_map(fn (Fish $fish): object => (object) array_map(fn (System $system): ?array => $this->window($grid->mayJoin($fish, $facility->residentsOf($system), $facility->date)), $facility->systems), $facility->fish),
            'order' => $grid->order(),
        ];
    }

    /** @return array<string, mixed> */
    private function pair(Pair $pair): array
    {
        $says = new Messages(Units::of(UnitSystem::Metric), app()->getLocale());
        $danger = $pair->danger();

        return [
            'a' => $pair->one->key,
            'b' => $pair->other->key,
            'verdict' => $pair->verdict()->value,
            'reasons' => array_map(fn (PairReason $reason): string => $says->say($reason->finding), $pair->reasons),
            'swallows' => $danger === null ? null : [
                'predator' => $danger === $pair->oneSwallowed ? $pair->other->key : $pair->one->key,
                'probability' => round($danger->probability, 4),
                ...array_map(fn (?LocalDate $day): ?string => $day?->toIso(), ['early' => $danger->early, 'likely' => $danger->likely, 'late' => $danger->late, 'until' => $danger->likely === null ? null : $danger->until]),
            ],
        ];
    }

    /**
     * @param  array{LocalDate|null, LocalDate|null, LocalDate|null}|null  $days
     * @return array{early: string|null, likely: string|null, late: string|null}|null null: not within two years
     */
    private function window(?array $days): ?array
    {
        return $days === null ? null : array_combine(['early', 'likely', 'late'], array_map(fn (?LocalDate $day): ?string => $day?->toIso(), $days));
    }
}
