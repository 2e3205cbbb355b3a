<?php

declare(strict_types=1);

namespace App\Database;

use App\Facility\Keys;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What else in the database names a record: asked of the database itself, so that no table is forgotten. */
final readonly class References
{
    /** A plan is worked out anew: its moves go along with whom they are about. */
    private const GOES_ALONG = ['plan_moves'];

    /** @return array<string, int> how many rows of each table name it */
    public static function to(string $table, int $id): array
    {
        $columns = collect(DB::select('select m.name as "table", f."from" as "column" from sqlite_master m join pragma_foreign_key_list(m.name) f where m.type = \'table\' and f."table" = ? order by m.name', [$table]))->whereNotIn('table', self::GOES_ALONG);
        $rows = $columns->groupBy('table')->map(fn (Collection $of, string $table): int => DB::table($table)->where(fn (Builder $any) => $of->each(fn (stdClass $row) => $any->orWhere($row->column, $id)))->count())->filter()->all();
        $exceptions = self::exceptionsOf($table, $id);

        return $exceptions === 0 ? $rows : [...$rows, 'exceptions' => $exceptions];
    }

    /**
     * @param  array<string, int>  $rows  by table
     *
     * @throws InvalidEntry when there are any
     */
    public static function mustBeNone(array $rows, string $field, string $name, Finding $instead): void
    {
        if ($rows !== []) {
            $said = array_map(fn (string $table, int $count): string => trans_choice("records.{$table}", $count, ['count' => $count]), array_keys($rows), $rows);
            throw InvalidEntry::because($field, Finding::of('entry.referred_to', name: $name, rows: implode(', ', array_unique($said)), instead: $instead));
        }
    }

    /** The rulebook names fish and systems by their keys. */
    private static function exceptionsOf(string $table, int $id): int
    {
        $key = match ($table) {
            'fish' => Keys::ofFish($id),
            'systems' => Keys::ofSystem($id),
            default => null,
        };

        return $key === null ? 0 : DB::table('facilities')->crossJoin(DB::raw("json_each(facilities.rulebook, '$.exceptions') as exception"))->whereRaw("json_extract(exception.value, '$.of') = ?", [$key])->count();
    }
}
