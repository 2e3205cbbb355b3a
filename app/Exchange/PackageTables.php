<?php

declare(strict_types=1);

namespace App\Exchange;

use Illuminate\Support\Facades\DB;
use stdClass;

/**
 * The tables of a data package, each after those that it points to, and the
 * Table Schema of each as it stands in the database. A table that is not named
 * here stands in LEFT_OUT, with the reason.
 */
final readonly class PackageTables
{
    public const ALL = [
        'users', 'facilities', 'species', 'systems', 'fish', 'fish_candidates', 'move_sheets', 'move_sheet_fish', 'moves', 'stays', 'measurements', 'makeups',
        'shoal_splits', 'shoal_joins', 'counts', 'losses', 'ration_changes', 'incidents', 'attempts', 'watched_spans', 'settlements', 'pair_verdicts', 'broods',
        'quarantines', 'health_observations', 'inspections', 'treatments', 'watches', 'watch_checks', 'watch_interventions', 'water_tests', 'water_works', 'probes',
        'readings', 'daily_readings', 'weekly_temperatures', 'preparations', 'plans', 'plan_moves', 'foods', 'stock_entries', 'feeding_plans', 'meals', 'fed_weeks', 'cultures', 'culture_entries', 'spendings', 'notes', 'pictures', 'sitters', 'round_ticks', 'activity_log',
    ];

    public const LEFT_OUT = [
        // Secrets, and what hangs on them.
        'personal_access_tokens', 'password_reset_tokens', 'invitations', 'sign_ins',
        // Of the running application.
        'migrations', 'jobs', 'failed_jobs', 'tasks', 'imports', 'recorded_requests', 'letters', 'read_marks',
        // Made anew from the others.
        'log_lines', 'log_words', 'log_words_config', 'log_words_data', 'log_words_docsize', 'log_words_idx', 'log_vocabulary',
    ];

    /** Columns that hold a secret; what stands there when the package is read. */
    private const SECRETS = ['users' => ['password'], 'facilities' => ['calendar_token'], 'sitters' => ['secret_hash']];

    private const JSON = [
        'facilities' => ['rulebook', 'rhythm', 'units_apart'], 'species' => ['description', 'own'], 'systems' => ['description'], 'fish' => ['candidates'], 'broods' => ['steps'], 'incidents' => ['occasions'], 'inspections' => ['what'],
        'makeups' => ['sizes'], 'move_sheets' => ['done', 'arrangement'], 'pictures' => ['marks'], 'plans' => ['locks', 'supposed', 'staying', 'built', 'accepted'], 'preparations' => ['done', 'arrangement'], 'foods' => ['taken_by', 'own_word'], 'feeding_plans' => ['parts', 'fasting'],
        'shoal_splits' => ['copied', 'replaced'], 'watch_checks' => ['troubles'], 'water_tests' => ['values'], 'activity_log' => ['properties'],
    ];

    /** By the end of a column's name. */
    private const UNITS = ['_tenth_mm' => '0.1 mm', '_mm' => 'mm', '_grams' => 'g', '_hundredths' => '0.01 of the currency of the place', '_mb' => 'MB', '_days' => 'd', 'minutes' => 'min', '_hours' => 'h', 'bytes' => 'B', 'seconds' => 's', 'width' => 'pixel', 'height' => 'pixel'];

    private const TYPES = ['integer' => 'integer', 'tinyint(1)' => 'boolean', 'float' => 'number', 'double' => 'number', 'numeric' => 'number', 'date' => 'date', 'datetime' => 'datetime'];

    /**
     * A Table Schema (Frictionless Data, version 1): fields with types and units, keys.
     *
     * @return array{fields: list<array<string, mixed>>, primaryKey: list<string>, foreignKeys: list<array<string, mixed>>, missingValues: list<string>}
     */
    public static function schema(string $table): array
    {
        $columns = self::columns($table);
        $keys = array_filter($columns, fn (stdClass $column): bool => $column->pk > 0);
        usort($keys, fn (stdClass $a, stdClass $b): int => $a->pk <=> $b->pk);
        $foreign = array_values(array_filter(DB::select('select "from", "table", "to" from pragma_foreign_key_list(?) order by "from"', [$table]), fn (stdClass $key): bool => in_array($key->from, array_column($columns, 'name'), true)));

        return [
            'fields' => array_map(fn (stdClass $column): array => self::field($table, $column), $columns),
            'primaryKey' => array_map(fn (stdClass $column): string => $column->name, $keys),
            'foreignKeys' => array_map(fn (stdClass $key): array => ['fields' => $key->from, 'reference' => ['resource' => $key->table === $table ? '' : $key->table, 'fields' => $key->to]], $foreign),
            'missingValues' => [''],
        ];
    }

    /** @return list<stdClass> name, type, notnull, pk of each, without those that hold a secret */
    public static function columns(string $table): array
    {
        return array_values(array_filter(
            DB::select('select name, lower(type) as type, "notnull", pk from pragma_table_info(?) order by cid', [$table]),
            fn (stdClass $column): bool => ! in_array($column->name, self::SECRETS[$table] ?? [], true),
        ));
    }

    /** @return list<string> in which rows stand always in the same order */
    public static function order(string $table): array
    {
        return self::schema($table)['primaryKey'];
    }

    public static function isJson(string $table, string $column): bool
    {
        return in_array($column, self::JSON[$table] ?? [], true);
    }

    /**
     * @param  stdClass  $column  as in columns()
     * @return array<string, mixed>
     */
    private static function field(string $table, stdClass $column): array
    {
        $type = self::TYPES[$column->type] ?? 'string';
        $field = ['name' => $column->name, 'type' => $type];
        if ($type === 'boolean') {
            $field += ['trueValues' => ['1'], 'falseValues' => ['0']];
        }
        if ($type === 'datetime') {
            $field += ['format' => '%Y-%m-%d %H:%M:%S', 'description' => trans('package.utc')];
        }
        if (self::isJson($table, $column->name)) {
            $field += ['description' => trans('package.json')];
        }
        foreach ($type === 'integer' || $type === 'number' ? self::UNITS : [] as $end => $unit) {
            if (str_ends_with($column->name, $end)) {
                $field += ['unit' => $unit];
                break;
            }
        }
        if ($column->notnull === 1) {
            $field += ['constraints' => ['required' => true]];
        }

        return $field;
    }
}
