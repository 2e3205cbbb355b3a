<?php

declare(strict_types=1);

namespace App\Log;

use Biomegas\Naming\Slip;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Fish, systems and species by their names: by the beginnings of their words, slips forgiven. */
final readonly class NameSearch
{
    /** Of each sort. */
    private const MOST = 8;

    /** @param  list<string>  $typed  words, small and without accents */
    private function __construct(private array $typed)
    {
    }

    public static function of(string $typed): self
    {
        return new self(WordSearch::wordsOf($typed));
    }

    /** @return list<stdClass> with id, name and species; those that are there first */
    public function fish(): array
    {
        $rows = DB::table('fish')->join('species', 'species.id', 'fish.species_id')->leftJoin('losses', fn ($join) => $join->on('losses.fish_id', 'fish.id')->whereNull('losses.deleted_at'))
            ->groupBy('fish.id')->orderByRaw('count(losses.id)')->orderBy('fish.name')->get(['fish.id', 'fish.name', 'species.common_name as more']);

        return $this->among($rows->all());
    }

    /** @return list<stdClass> with id, name and kind */
    public function systems(): array
    {
        return $this->among(DB::table('systems')->orderByRaw('retired_on is not null')->orderBy('walk_order')->get(['id', 'name', DB::raw('null as more')])->all());
    }

    /** @return list<stdClass> with id, name and scientific name */
    public function species(): array
    {
        return $this->among(DB::table('species')->orderBy('common_name')->get(['id', 'common_name as name', DB::raw("json_extract(description, '$.scientific_name') as more")])->all());
    }

    /**
     * @param  array<stdClass>  $rows
     * @return list<stdClass> those whose names begin so; where there are none, those near
     */
    private function among(array $rows): array
    {
        foreach ([str_starts_with(...), fn (string $word, string $typed): bool => Slip::isNear($typed, $word)] as $fits) {
            $found = array_filter($rows, fn (stdClass $row): bool => $this->fit("{$row->name} {$row->more}", $fits));
            if ($found !== []) {
                return array_slice(array_values($found), 0, self::MOST);
            }
        }

        return [];
    }

    /** @param  callable(string, string): bool  $fits  a word of the name and a word that was typed */
    private function fit(string $name, callable $fits): bool
    {
        $words = WordSearch::wordsOf($name);
        foreach ($this->typed as $typed) {
            if (array_filter($words, fn (string $word): bool => $fits($word, $typed)) === []) {
                return false;
            }
        }

        return $this->typed !== [];
    }
}
