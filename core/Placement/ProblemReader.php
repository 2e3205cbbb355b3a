<?php

declare(strict_types=1);

namespace Biomegas\Placement;

use Biomegas\Finding\Finding;
use Biomegas\Measure\Number;

/** Reads a placement problem from its document (docs/formats/placement.schema.json); every error names the path. */
final class ProblemReader
{
    /** Costs, loads and capacities: sums of these are still numbers. */
    private const MOST = 1e9;

    /** What fits in the memory of one request. */
    private const MOST_CELLS = 5_000_000;

    private const MOST_PERIODS = 2000;

    /** @param  array<string, mixed>  $document */
    private function __construct(private readonly array $document)
    {
    }

    /**
     * @param  array<string, mixed>  $document
     *
     * @throws InvalidProblem
     */
    public static function read(array $document): Problem
    {
        return (new self($document))->problem();
    }

    private function problem(): Problem
    {
        if (($this->document['format'] ?? null) !== 'biomegas-placement/1') {
            throw InvalidProblem::at('format', Finding::of('placement.format'));
        }
        $periods = $this->periods();
        $systems = $this->records('systems');
        $units = $this->records('units');
        if ($systems === []) {
            throw InvalidProblem::at('systems', Finding::of('placement.no_system'));
        }
        if (count($units) * count($systems) * $periods > self::MOST_CELLS) {
            throw InvalidProblem::at('units', Finding::of('placement.too_large', most: Number::of(self::MOST_CELLS)));
        }
        $systemKeys = self::keys($systems, 'systems');
        $unitKeys = self::keys($units, 'units');
        $names = $this->loadNames($units);
        $strain = $start = $moveCost = $stayEnds = [];
        foreach ($units as $u => $unit) {
            $path = "units[{$u}]";
            $start[] = self::indexOf($systemKeys, $unit['start'] ?? null, "{$path}.start", 'system');
            $moveCost[] = self::number($unit['move_cost'] ?? 0, "{$path}.move_cost");
            $stayEnds[] = self::stayEnds(max(1, self::whole($unit['min_stay'] ?? 1, "{$path}.min_stay")), $periods);
            $strain[] = self::strain($unit['strain'] ?? null, "{$path}.strain", $systems, $systemKeys, $periods);
        }

        return new Problem(
            $periods, $unitKeys, $systemKeys, $strain, $start, $moveCost, $stayEnds,
            array_map(fn (string $name): array => self::loads($units, $name, $periods), $names),
            array_map(fn (string $name): array => self::inAllPeriods(self::capacities($systems, $name), $periods), $names),
            array_map(fn (string $name): array => array_fill(0, count($systems), self::number(self::named($this->document['overload_cost'] ?? 0, $name, 'overload_cost'), 'overload_cost')), $names),
            array_map(fn (int $s): float => self::number($systems[$s]['opening_cost'] ?? 0, "systems[{$s}].opening_cost"), array_keys($systems)),
            $this->conflicts($unitKeys, $periods),
        );
    }

    /** @return list<int> by period in which it moves in */
    private static function stayEnds(int $stay, int $periods): array
    {
        return array_map(fn (int $t): int => min($t + $stay, $periods), range(0, $periods - 1));
    }

    /**
     * @param  list<float>  $bySystem
     * @return list<float> by cell
     */
    private static function inAllPeriods(array $bySystem, int $periods): array
    {
        return array_merge(...array_map(fn (float $each): array => array_fill(0, $periods, $each), $bySystem));
    }

    private function periods(): int
    {
        $periods = self::whole($this->document['periods'] ?? null, 'periods');
        if ($periods < 1 || $periods > self::MOST_PERIODS) {
            throw InvalidProblem::at('periods', Finding::of('placement.periods', most: Number::of(self::MOST_PERIODS)));
        }

        return $periods;
    }

    /** @return list<array<string, mixed>> */
    private function records(string $name): array
    {
        $list = $this->document[$name] ?? null;
        if (! is_array($list) || ! array_is_list($list)) {
            throw InvalidProblem::at($name, Finding::of('placement.no_list'));
        }
        foreach ($list as $i => $entry) {
            if (! is_array($entry)) {
                throw InvalidProblem::at("{$name}[{$i}]", Finding::of('placement.no_object'));
            }
        }

        /** @var list<array<string, mixed>> $list */
        return $list;
    }

    /**
     * @param  list<array<string, mixed>>  $records
     * @return list<string>
     */
    private static function keys(array $records, string $name): array
    {
        $keys = [];
        foreach ($records as $i => $record) {
            $key = $record['key'] ?? null;
            if (! is_string($key) || $key === '') {
                throw InvalidProblem::at("{$name}[{$i}].key", Finding::of('placement.no_text'));
            }
            if (in_array($key, $keys, true)) {
                throw InvalidProblem::at("{$name}[{$i}].key", Finding::of('placement.used_twice', key: $key));
            }
            $keys[] = $key;
        }

        return $keys;
    }

    /**
     * The names of all loads; a single one has the empty name.
     *
     * @param  list<array<string, mixed>>  $units
     * @return list<string>
     */
    private function loadNames(array $units): array
    {
        $names = [];
        foreach ([$this->document['overload_cost'] ?? 0, ...array_map(fn (array $unit): mixed => $unit['load'] ?? null, $units)] as $value) {
            $own = is_array($value) && ! array_is_list($value) ? array_map(strval(...), array_keys($value)) : [''];
            $names = array_values(array_unique([...$names, ...$own]));
        }
        // A single load beside named ones would belong to none of them.
        if (count($names) > 1 && in_array('', $names, true)) {
            throw InvalidProblem::at('overload_cost', Finding::of('placement.unnamed_loads'));
        }

        return $names;
    }

    private static function named(mixed $value, string $name, string $path): mixed
    {
        if ($name === '') {
            return $value;
        }
        if (! is_array($value) || ! array_key_exists($name, $value)) {
            throw InvalidProblem::at($path, Finding::of('placement.load_missing', name: $name));
        }

        return $value[$name];
    }

    /**
     * @param  list<array<string, mixed>>  $units
     * @return list<list<float>>
     */
    private static function loads(array $units, string $name, int $periods): array
    {
        $loads = [];
        foreach ($units as $u => $unit) {
            $path = "units[{$u}].load".($name === '' ? '' : ".{$name}");
            $list = self::list(self::named($unit['load'] ?? null, $name, "units[{$u}].load"), $path, $periods);
            $loads[] = array_map(fn (mixed $entry, int $t): float => self::number($entry, "{$path}[{$t}]"), $list, array_keys($list));
        }

        return $loads;
    }

    /**
     * @param  list<array<string, mixed>>  $systems
     * @return list<float>
     */
    private static function capacities(array $systems, string $name): array
    {
        $capacities = [];
        foreach ($systems as $s => $system) {
            $path = "systems[{$s}].capacity";
            $capacities[] = self::number(self::named($system['capacity'] ?? null, $name, $path), $path);
        }

        return $capacities;
    }

    /**
     * @param  list<array<string, mixed>>  $systems
     * @param  list<string>  $keys
     * @return list<float|null> by cell
     */
    private static function strain(mixed $strain, string $path, array $systems, array $keys, int $periods): array
    {
        if (! is_array($strain) || (array_is_list($strain) && $strain !== [])) {
            throw InvalidProblem::at($path, Finding::of('placement.no_object_by_system'));
        }
        foreach (array_keys($strain) as $key) {
            self::indexOf($keys, (string) $key, $path, 'system');
        }
        $cells = [];
        foreach ($systems as $s => $system) {
            $from = self::whole($system['available_from'] ?? 0, "systems[{$s}].available_from");
            $list = array_key_exists($keys[$s], $strain) ? self::list($strain[$keys[$s]], "{$path}.{$keys[$s]}", $periods) : array_fill(0, $periods, null);
            foreach ($list as $t => $entry) {
                $cells[] = $t < $from || $entry === null ? null : self::number($entry, "{$path}.{$keys[$s]}[{$t}]");
            }
        }

        return $cells;
    }

    /**
     * @param  list<string>  $units
     * @return list<Conflict>
     */
    private function conflicts(array $units, int $periods): array
    {
        $conflicts = [];
        foreach (isset($this->document['conflicts']) ? $this->records('conflicts') : [] as $i => $conflict) {
            $path = "conflicts[{$i}]";
            $pair = self::list($conflict['units'] ?? null, "{$path}.units", 2);
            $from = self::whole($conflict['from'] ?? 0, "{$path}.from");
            $to = self::whole($conflict['to'] ?? $periods - 1, "{$path}.to");
            if ($from > $to) {
                throw InvalidProblem::at("{$path}.to", Finding::of('placement.to_before_from'));
            }
            $indices = array_map(fn (mixed $key): int => self::indexOf($units, $key, "{$path}.units", 'unit'), $pair);
            if ($indices[0] === $indices[1]) {
                throw InvalidProblem::at("{$path}.units", Finding::of('placement.same_unit'));
            }
            $cost = $conflict['cost'] ?? null;
            $conflicts[] = new Conflict($indices[0], $indices[1], $from, min($to, $periods - 1), $cost === null ? null : self::number($cost, "{$path}.cost"));
        }

        return $conflicts;
    }

    /** @param  list<string>  $keys */
    private static function indexOf(array $keys, mixed $key, string $path, string $what): int
    {
        $index = array_search($key, $keys, true);
        if ($index === false) {
            throw InvalidProblem::at($path, Finding::of('placement.unknown_key', what: $what, key: is_string($key) ? $key : '?'));
        }

        return $index;
    }

    /** @return list<mixed> */
    private static function list(mixed $value, string $path, int $length): array
    {
        if (! is_array($value) || ! array_is_list($value) || count($value) !== $length) {
            throw InvalidProblem::at($path, Finding::of('placement.list_of', length: $length));
        }

        return $value;
    }

    private static function number(mixed $value, string $path): float
    {
        if ((! is_int($value) && ! is_float($value)) || ! ($value >= 0 && $value <= self::MOST)) {
            throw InvalidProblem::at($path, Finding::of('placement.no_number'));
        }

        return (float) $value;
    }

    private static function whole(mixed $value, string $path): int
    {
        if (! is_int($value) || $value < 0) {
            throw InvalidProblem::at($path, Finding::of('placement.no_whole_number'));
        }

        return $value;
    }
}
