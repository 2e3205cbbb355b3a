<?php

declare(strict_types=1);

namespace App\Scenario;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use Biomegas\Facility\CandidateSpecies;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Group\SizeClass;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\RationChange;
use Biomegas\Facility\System;
use Illuminate\Support\Facades\DB;

/**
 * The place as it is today in the scenario format (docs/formats/scenario.schema.json):
 * what ScenarioReader reads. Of where a fish lived before, the format knows nothing.
 */
final readonly class ScenarioWriter
{
    public const FORMAT = 'biomegas-scenario/1';

    public function __construct(private FacilitySnapshot $kept)
    {
    }

    /** @return array<string, mixed> */
    public function document(): array
    {
        $facility = $this->kept->facility;
        $rulebook = json_decode((string) DB::table('facilities')->value('rulebook'), true, 64, JSON_THROW_ON_ERROR);
        $known = [];
        foreach ($facility->fish as $fish) {
            foreach ([$fish->species, ...array_map(fn (CandidateSpecies $one) => $one->species, $fish->candidates)] as $species) {
                $known[$species->key] = true;
            }
        }
        $species = DB::table('species')->whereIn('key', array_keys($known))->orderBy('key')->get(['description', 'own'])
            ->map(fn (object $row): array => [...json_decode($row->description, true, 64, JSON_THROW_ON_ERROR), ...json_decode($row->own, true, 64, JSON_THROW_ON_ERROR)]);

        return [
            'format' => self::FORMAT,
            'date' => $facility->date->toIso(),
            'horizon_days' => $facility->horizonDays,
            'rulebook' => $rulebook === [] ? (object) [] : $rulebook,
            'species' => $species->values()->all(),
            'systems' => array_map($this->system(...), array_values($facility->systems)),
            'fish' => array_map($this->fish(...), array_values($facility->fish)),
        ];
    }

    /** @return array<string, mixed> */
    private function system(System $system): array
    {
        $row = DB::table('systems')->where('id', Keys::id($system->key))->first(['description', 'available_from']);

        return [
            'key' => $system->key, 'name' => $system->name, 'kind' => $system->kind->value,
            ...json_decode((string) $row?->description, true, 64, JSON_THROW_ON_ERROR),
            ...($row?->available_from === null ? [] : ['available_from' => $row->available_from]),
            ...($system->readings === null ? [] : ['readings' => array_map(fn (array $reading): array => ['date' => $reading[0]->toIso(), 'temperature_c' => $reading[1]], $system->readings->all())]),
        ];
    }

    /** @return array<string, mixed> */
    private function fish(Fish $fish): array
    {
        $optional = [
            'sex' => $fish->sex?->value,
            'hatched' => $fish->hatched?->toIso(),
            'stated_adult_mm' => $fish->statedAdultMm,
            'makeup' => $fish->makeup === null || $fish->makeup->count !== $fish->count ? null : [
                'date' => $fish->makeup->date->toIso(), 'males' => $fish->makeup->males, 'females' => $fish->makeup->females,
                'sizes' => array_map(fn (SizeClass $size): array => ['called' => $size->called, 'count' => $size->count, 'length_mm' => $size->length->millimetres()], $fish->makeup->sizes),
            ],
            'candidates' => $fish->candidates === [] ? null : array_map(fn (CandidateSpecies $one): array => ['species' => $one->species->key, 'weight' => $one->weight], $fish->candidates),
            'ration_changes' => $fish->rationChanges === [] ? null : array_map(fn (RationChange $change): array => ['from' => $change->from->toIso(), 'ration' => $change->ration->value], $fish->rationChanges),
        ];

        return [
            'key' => $fish->key, 'name' => $fish->name, 'species' => $fish->species->key, 'system' => $fish->currentSystem(), 'count' => $fish->count, 'arrived' => $fish->arrived->toIso(),
            'ration' => $fish->ration->value, 'purpose' => $fish->purpose->value,
            ...array_filter($optional, fn (mixed $value): bool => $value !== null),
            'lengths' => array_map($this->length(...), $fish->lengths->all()),
        ];
    }

    /** @return array<string, mixed> */
    private function length(MeasuredLength $length): array
    {
        return array_filter([
            'date' => $length->date->toIso(), 'length_mm' => $length->length->millimetres(), 'method' => $length->method->value,
            'length_kind' => $length->lengthKind?->value, 'sample' => $length->sample, 'spread_mm' => $length->spreadMm,
        ], fn (mixed $value): bool => $value !== null);
    }
}
