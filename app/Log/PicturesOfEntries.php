<?php

declare(strict_types=1);

namespace App\Log;

use Illuminate\Support\Facades\DB;
use stdClass;

/** The pictures that go with the entries of one page; an entry that is a picture has that one. */
final readonly class PicturesOfEntries
{
    private const MOST = 4;

    /** @param  array<string, list<int>>  $pictures  by kind and row */
    private function __construct(private array $pictures)
    {
    }

    /** @param  array<stdClass>  $lines  of log_lines */
    public static function of(array $lines): self
    {
        $rows = DB::table('pictures')->whereNull('deleted_at')->whereIn('entry_id', array_map(fn (stdClass $line): int => $line->row_id, $lines))->whereNotNull('entry_kind')->orderBy('id')->get(['id', 'entry_kind', 'entry_id']);
        $pictures = [];
        foreach ($rows as $row) {
            $pictures["{$row->entry_kind} {$row->entry_id}"][] = $row->id;
        }

        return new self($pictures);
    }

    /** @return list<int> */
    public function to(stdClass $line): array
    {
        return $line->kind === LogKind::Picture->value ? [$line->row_id] : array_slice($this->pictures["{$line->kind} {$line->row_id}"] ?? [], 0, self::MOST);
    }
}
