<?php

declare(strict_types=1);

namespace App\Scenario;

use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\UnreadableDate;
use Biomegas\Facility\CandidateSpecies;
use Biomegas\Facility\Description\ImpossiblePicture;
use Biomegas\Facility\Facility;
use Biomegas\Facility\Fish;
use Biomegas\Facility\Group\Makeup;
use Biomegas\Facility\Group\SizeClass;
use Biomegas\Facility\LengthKind;
use Biomegas\Facility\MeasuredLength;
use Biomegas\Facility\Purpose;
use Biomegas\Facility\RationChange;
use Biomegas\Facility\Sex;
use Biomegas\Facility\Species;
use Biomegas\Facility\Stay;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Losses\SexCount;
use Biomegas\Measure\Length;
use Biomegas\Rulebook\Method;
use Biomegas\Rulebook\Ration;
use Biomegas\Rulebook\Rulebook;
use Biomegas\Rulebook\RuleException;
use Biomegas\Rulebook\RuleOption;
use Biomegas\Rulebook\RuleParameter;
use Closure;

/** Reads a facility from a scenario file (docs/formats/scenario.schema.json). */
final readonly class ScenarioReader
{
    private const USUAL_HORIZON_DAYS = 1095;

    /** @throws InvalidDocument naming the path and what was expected there */
    public static function read(string $file): Facility
    {
        $d = JsonDocument::read(InputFile::read($file), $file, 'scenario');
        $date = self::at('date', fn (): LocalDate => LocalDate::fromIso($d['date']));
        $speciesByKey = self::each('species', $d['species'], fn (array $species): Species => ScenarioMapper::species($species));
        $systems = self::each('systems', $d['systems'], fn (array $system): System => ScenarioMapper::system($system));
        $fish = self::each('fish', $d['fish'], fn (array $entry, string $path): Fish => self::fish($entry, $path, $speciesByKey, $systems, $date));

        return new Facility(
            $date,
            $d['horizon_days'] ?? self::USUAL_HORIZON_DAYS,
            self::at('rulebook', fn (): Rulebook => self::rulebook($d['rulebook'] ?? [])),
            array_values($systems),
            array_values($fish),
        );
    }

    /**
     * @param  array<string, mixed>  $d
     *
     * @throws ImpossiblePicture
     */
    public static function rulebook(array $d): Rulebook
    {
        $answers = array_filter(array_intersect_key($d, array_flip(array_column(RuleOption::cases(), 'value'))), is_string(...));
        $numbers = array_filter(array_intersect_key($d, array_flip(array_column(RuleParameter::cases(), 'value'))), is_numeric(...));

        return new Rulebook($answers, array_map(floatval(...), $numbers), array_map(
            fn (array $exception): RuleException => new RuleException($exception['of'], $exception['rule'], $exception['answer'], $exception['reason']),
            array_values($d['exceptions'] ?? []),
        ));
    }

    /**
     * @param  array<string, mixed>  $d
     * @param  array<string, Species>  $speciesByKey
     * @param  array<string, System>  $systems
     */
    private static function fish(array $d, string $path, array $speciesByKey, array $systems, LocalDate $today): Fish
    {
        $species = $speciesByKey[$d['species']] ?? throw InvalidDocument::at("{$path}.species", Finding::of('scenario.no_species', key: $d['species']));
        if (! isset($systems[$d['system']])) {
            throw InvalidDocument::at("{$path}.system", Finding::of('scenario.no_system', key: $d['system']));
        }
        $lengths = self::lengths($d['lengths'] ?? [], $path, $today);
        $arrived = isset($d['arrived'])
            ? self::at("{$path}.arrived", fn (): LocalDate => LocalDate::fromIso($d['arrived']))
            : array_reduce($lengths, fn (LocalDate $first, MeasuredLength $length): LocalDate => $length->date->isBefore($first) ? $length->date : $first, $today);
        if ($arrived->isAfter($today)) {
            throw InvalidDocument::at("{$path}.arrived", Finding::of('scenario.after_its_date', day: $arrived));
        }
        foreach ($lengths as $i => $length) {
            if ($length->date->isBefore($arrived)) {
                throw InvalidDocument::at("{$path}.lengths[{$i}].date", Finding::of('scenario.before_arrival', day: $length->date, arrived: $arrived));
            }
        }

        $makeup = self::makeup($d['makeup'] ?? null, $path, $d['count'] ?? 1);

        return new Fish(
            key: $d['key'],
            name: $d['name'],
            species: $species,
            arrived: $arrived,
            stays: [new Stay($d['system'], $arrived)],
            lengths: $lengths,
            count: $d['count'] ?? 1,
            ration: Ration::from($d['ration'] ?? Ration::Steady->value),
            purpose: Purpose::from($d['purpose'] ?? Purpose::Display->value),
            sex: Sex::tryFrom($d['sex'] ?? ''),
            hatched: self::hatched($d['hatched'] ?? null, $path, $lengths),
            candidates: self::candidates($d['candidates'] ?? [], $path, $speciesByKey),
            rationChanges: array_map(
                fn (array $change): RationChange => new RationChange(LocalDate::fromIso($change['from']), Ration::from($change['ration'])),
                array_values($d['ration_changes'] ?? []),
            ),
            statedAdultMm: $d['stated_adult_mm'] ?? null,
            makeup: $makeup,
            sexes: $makeup === null ? null : SexCount::after($makeup, $d['count'] ?? 1, []),
        );
    }

    /** @param  array<string, mixed>|null  $d */
    private static function makeup(?array $d, string $path, int $count): ?Makeup
    {
        return $d === null ? null : self::at("{$path}.makeup", fn (): Makeup => Makeup::of(
            LocalDate::fromIso($d['date']), $count, $d['males'] ?? 0, $d['females'] ?? 0,
            array_map(fn (array $size): SizeClass => new SizeClass($size['called'] ?? '', $size['count'], Length::ofMillimetres($size['length_mm'])), array_values($d['sizes'] ?? [])),
        ));
    }

    /** @param  list<MeasuredLength>  $lengths */
    private static function hatched(?string $day, string $path, array $lengths): ?LocalDate
    {
        if ($day === null) {
            return null;
        }
        $hatched = self::at("{$path}.hatched", fn (): LocalDate => LocalDate::fromIso($day));
        foreach ($lengths as $length) {
            if ($length->date->isBefore($hatched)) {
                throw InvalidDocument::at("{$path}.hatched", Finding::of('scenario.measured_before', day: $length->date));
            }
        }

        return $hatched;
    }

    /**
     * @param  list<array{species: string, weight: float}>  $candidates
     * @param  array<string, Species>  $speciesByKey
     * @return list<CandidateSpecies>
     */
    private static function candidates(array $candidates, string $path, array $speciesByKey): array
    {
        $read = [];
        foreach ($candidates as $i => $candidate) {
            $species = $speciesByKey[$candidate['species']] ?? throw InvalidDocument::at("{$path}.candidates[{$i}].species", Finding::of('scenario.no_species', key: $candidate['species']));
            $read[] = new CandidateSpecies($species, $candidate['weight']);
        }
        if (array_sum(array_column($candidates, 'weight')) >= 1) {
            throw InvalidDocument::at("{$path}.candidates", Finding::of('scenario.weights'));
        }

        return $read;
    }

    /**
     * @param  list<array<string, mixed>>  $lengths
     * @return list<MeasuredLength>
     */
    private static function lengths(array $lengths, string $path, LocalDate $today): array
    {
        $read = [];
        foreach ($lengths as $i => $length) {
            $date = self::at("{$path}.lengths[{$i}].date", fn (): LocalDate => LocalDate::fromIso($length['date']));
            if ($date->isAfter($today)) {
                throw InvalidDocument::at("{$path}.lengths[{$i}].date", Finding::of('scenario.after_its_date', day: $date));
            }
            $read[] = new MeasuredLength(
                $date,
                Length::ofMillimetres($length['length_mm']),
                Method::from($length['method'] ?? Method::Ruler->value),
                LengthKind::tryFrom($length['length_kind'] ?? ''),
                $length['sample'] ?? 1,
                $length['spread_mm'] ?? null,
            );
        }

        return $read;
    }

    /**
     * @template T
     *
     * @param  list<array<string, mixed>>  $list
     * @param  Closure(array<string, mixed>, string): T  $read
     * @return array<string, T> by key
     */
    private static function each(string $name, array $list, Closure $read): array
    {
        $all = [];
        foreach ($list as $i => $entry) {
            $path = "{$name}[{$i}]";
            if (isset($all[$entry['key']])) {
                throw InvalidDocument::at("{$path}.key", Finding::of('placement.used_twice', key: $entry['key']));
            }
            $all[$entry['key']] = self::at($path, fn (): mixed => $read($entry, $path));
        }

        return $all;
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $read
     * @return T
     */
    private static function at(string $path, Closure $read): mixed
    {
        try {
            return $read();
        } catch (ImpossiblePicture|UnreadableDate|InvalidEntry $e) {
            throw InvalidDocument::at($path, $e->finding());
        }
    }
}
