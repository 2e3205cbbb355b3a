<?php

declare(strict_types=1);

namespace App\Log;

use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Everything that happened, newest first. */
final readonly class OneLog
{
    public const PER_PAGE = 50;

    /** Untold lines that a question waits for; after an import the rest is told aside. */
    private const TOLD_AT_ONCE = 2000;

    private const ORDER = ['date', 'time', 'id'];

    public function __construct(private LogIndex $index)
    {
    }

    /** @param  string|null  $after  where the page before ended */
    public function page(LogFilter $filter, string $typed = '', ?string $after = null, int $most = self::PER_PAGE): LogPage
    {
        $this->index->tell(self::TOLD_AT_ONCE);
        $lines = $filter->narrow(DB::table('log_lines'));
        $search = WordSearch::of($typed);
        if (! $search->isEmpty()) {
            $lines->whereIn('id', DB::table('log_words')->whereRaw('log_words match ?', [$search->match()])->select('rowid'));
        }
        $found = self::after($lines, $after)->orderByDesc('date')->orderByDesc('time')->orderByDesc('id')->limit($most + 1)->get(['id', 'kind', 'row_id', 'date', 'time', 'fish_id', 'other_fish_id', 'system_id', 'other_system_id', 'user_id', 'written_at', 'is_led', 'removed_at'])->all();
        $shown = array_slice(array_values($found), 0, $most);

        return new LogPage($shown, count($found) > $most ? self::placeOf($shown[$most - 1]) : null, $search->guessed);
    }

    public static function line(int $id): ?stdClass
    {
        return DB::table('log_lines')->where('id', $id)->first();
    }

    /** "2027-03-13 08:10 42" */
    private static function placeOf(stdClass $line): string
    {
        return implode(' ', array_map(fn (string $column): string => (string) $line->{$column}, self::ORDER));
    }

    /** Entries without a time come after those of the day that have one. */
    private static function after(Builder $lines, ?string $after): Builder
    {
        if ($after === null || preg_match('/^(\d{4}-\d{2}-\d{2}) (\d{2}:\d{2})? (\d{1,18})$/', $after, $place) !== 1) {
            return $lines;
        }
        [, $date, $time, $id] = $place;

        return $lines->where('date', '<=', $date)->where(fn (Builder $any) => $any
            ->where('date', '<', $date)
            ->orWhere(fn (Builder $earlier) => $time === ''
                ? $earlier->whereNull('time')->where('id', '<', $id)
                : $earlier->where(fn (Builder $part) => $part->whereNull('time')->orWhere('time', '<', $time)->orWhere(fn (Builder $same) => $same->where('time', $time)->where('id', '<', $id)))));
    }
}
