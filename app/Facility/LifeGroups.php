<?php

declare(strict_types=1);

namespace App\Facility;

use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Facades\DB;
use stdClass;

/** What those that ever came have in common, as survival is asked by it. */
enum LifeGroups: string
{
    case Species = 'species';
    case Origin = 'origin';
    /** The first home. */
    case System = 'system';
    case Quarantine = 'quarantine';

    /** @return array<string, string|null> the name of its group by fish; null: not known */
    public function names(): array
    {
        $rows = match ($this) {
            self::Species => DB::table('fish')->join('species', 'species.id', 'fish.species_id')->get(['fish.id', 'species.common_name as name']),
            self::Origin => DB::table('fish')->get(['id', 'origin as name']),
            self::System => DB::table('stays')->join('systems', 'systems.id', 'stays.system_id')->orderByDesc('from')->orderByDesc('stays.id')->get(['stays.fish_id as id', 'systems.name']),
            self::Quarantine => DB::table('fish')->leftJoin('quarantines', fn (JoinClause $join) => $join->on('quarantines.fish_id', 'fish.id')->whereNull('quarantines.deleted_at'))->get(['fish.id', DB::raw("case when quarantines.id is null then 'none' else 'quarantine' end as name")]),
        };

        return $rows->mapWithKeys(fn (stdClass $row): array => [Keys::ofFish($row->id) => $row->name])->all();
    }
}
