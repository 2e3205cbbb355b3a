<?php

declare(strict_types=1);

namespace App\Import\Entries;

use App\Models\Fish;
use Biomegas\Calendar\DateOrder;
use Biomegas\Measure\LengthUnit;
use Biomegas\Measure\LengthUnitGuess;
use Biomegas\Measure\Units;
use Biomegas\Measure\UnitSystem;
use Biomegas\Water\Test\TemperatureUnitGuess;

/** Guesses how a table is to be read: by its headings first, else by what stands below them. It is shown and can be changed. */
final readonly class ReadingGuess
{
    /** What headings are called, without units, small; English and the names of the substances. */
    private const HEADINGS = [
        'fish' => ['fish', 'name', 'who', 'animal', 'shoal'],
        'system' => ['system', 'tank', 'home', 'pond', 'vat', 'where'],
        'to' => ['to', 'into', 'new tank', 'new home', 'moved to', 'to system', 'to tank'],
        'date' => ['date', 'day', 'when', 'on'],
        'length' => ['length', 'size', 'tl', 'total length', 'measured'],
        'method' => ['method', 'how', 'measured by'],
        'sample' => ['sample', 'of how many', 'measured fish'],
        'number' => ['number', 'count', 'counted', 'how many', 'n', 'heads'],
        'count' => ['count', 'number', 'how many', 'n'],
        'count_kind' => ['kind', 'how', 'kind of count'],
        'give_or_take' => ['give or take', '+/-', '±'],
        'loss_kind' => ['kind', 'what', 'loss', 'kind of loss'],
        'cause' => ['cause', 'why', 'reason', 'note', 'notes'],
        'note' => ['note', 'notes', 'remark', 'remarks', 'comment'],
        'temperature_c' => ['temperature', 'temp', 't', 'water temperature'],
        'ph' => ['ph'],
        'ammonia_mg_l' => ['ammonia', 'nh3', 'nh4', 'nh3/nh4', 'tan', 'ammonium'],
        'nitrite_mg_l' => ['nitrite', 'no2'],
        'nitrate_mg_l' => ['nitrate', 'no3'],
        'kh_dkh' => ['kh', 'carbonate hardness', 'alkalinity'],
        'gh_dgh' => ['gh', 'hardness', 'general hardness'],
        'conductivity_us' => ['conductivity', 'ec', 'us/cm'],
        'salinity_ppt' => ['salinity', 'salt'],
        'oxygen_mg_l' => ['oxygen', 'o2', 'do'],
        'copper_mg_l' => ['copper', 'cu'],
        'chlorine_mg_l' => ['chlorine', 'cl2'],
        'phosphate_mg_l' => ['phosphate', 'po4'],
    ];

    /** "length (cm)", "temp °F", "NO3 mg/l": the unit stands in brackets or at the end. */
    private const UNIT = '/(?:[\s_]+|\s*[(\[]\s*)(mm|cm|m|in|inch|inches|ft|°?\s?[cf]|mg\/?l|ppm|ppt|dkh|dgh|[µu]s(?:\/cm)?)\s*[)\]]?$/iu';

    public static function of(ImportKind $kind, EntryTable $table, Units $units): Reading
    {
        $columns = self::columns($kind, $table->headings);

        return new Reading(
            $columns,
            self::datesTold($table, $columns) ?? ($units->main === UnitSystem::Us ? DateOrder::MonthFirst : DateOrder::DayFirst),
            self::lengths($table, $columns, $units),
            self::isFahrenheit($table, $columns, $units),
        );
    }

    /**
     * What its dates show by themselves; null: none tells.
     *
     * @param  array<string, int>  $columns
     */
    public static function datesTold(EntryTable $table, array $columns): ?DateOrder
    {
        return isset($columns['date']) ? DateOrder::shownBy($table->column($columns['date'])) : null;
    }

    /**
     * @param  list<string>  $headings
     * @return array<string, int>
     */
    private static function columns(ImportKind $kind, array $headings): array
    {
        $small = array_map(fn (string $heading): string => mb_strtolower(trim($heading)), $headings);
        $words = array_map(self::word(...), $small);
        $columns = [];
        foreach ($kind->columns() as $column) {
            foreach ([$column, ...self::HEADINGS[$column]] as $called) {
                $found = array_search($called, $small, true);
                $index = $found === false ? array_search($called, $words, true) : $found;
                if ($index !== false && ! in_array($index, $columns, true)) {
                    $columns[$column] = $index;
                    break;
                }
            }
        }

        return $columns;
    }

    private static function word(string $small): string
    {
        $word = trim((string) preg_replace(self::UNIT, '', $small));

        return $word === '' ? $small : $word;
    }

    private static function unitIn(string $heading): string
    {
        return preg_match(self::UNIT, mb_strtolower(trim($heading)), $part) === 1 ? str_replace(['°', ' '], '', $part[1]) : '';
    }

    /** @param  array<string, int>  $columns */
    private static function lengths(EntryTable $table, array $columns, Units $units): LengthUnit
    {
        if (! isset($columns['length'])) {
            return $units->length->lengthUnit();
        }
        $told = LengthUnit::fromWord(self::unitIn($table->headings[$columns['length']]));
        if ($told !== null) {
            return $told;
        }
        $adults = [];
        foreach (Fish::query()->with('species')->get() as $fish) {
            $adults[mb_strtolower($fish->name)] = (float) $fish->species->current()['adult_length_mm']['typical'];
        }
        $numbers = [];
        foreach ($table->rows as $row) {
            $typed = str_replace(',', '.', $row[$columns['length']]);
            $adult = $adults[mb_strtolower($row[$columns['fish'] ?? 0])] ?? null;
            if (is_numeric($typed) && $adult !== null) {
                $numbers[] = [(float) $typed, $adult];
            }
        }

        return LengthUnitGuess::of($numbers, $units->length->lengthUnit())[0];
    }

    /** @param  array<string, int>  $columns */
    private static function isFahrenheit(EntryTable $table, array $columns, Units $units): bool
    {
        if (! isset($columns['temperature_c'])) {
            return $units->temperature === UnitSystem::Us;
        }
        $told = self::unitIn($table->headings[$columns['temperature_c']]);
        if ($told === 'c' || $told === 'f') {
            return $told === 'f';
        }
        $numbers = array_map(floatval(...), array_filter(array_map(fn (string $typed): string => str_replace(',', '.', $typed), $table->column($columns['temperature_c'])), is_numeric(...)));

        return TemperatureUnitGuess::isFahrenheit(array_values($numbers)) ?? $units->temperature === UnitSystem::Us;
    }
}
