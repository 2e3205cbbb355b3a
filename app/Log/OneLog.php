<?php

declare(strict_types=1);

namespace App\Log;

use Biomegas\Calendar\LocalDate;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Everything that happened, newest first. */
final readonly class OneLog
{
    public const PER_PAGE = 50;

    /** Untold lines that a question waits for; after an import the rest is told aside. */
    private const TOLD_AT_ONCE = 2000;

    private const WEEKS = 104;

    private const ORDER = ['date', 'time', 'id'];

    public function __construct(private LogIndex $index)
    {
    }

    /** @param  string|null  $after  where the page before ended */
    public function page(LogFilter $filter, string $typed = '', ?string $after = null, int $most = self::PER_PAGE): LogPage
    {
        $this->index->tell(self::TOLD_AT_ONCE);
        $search = WordSearch::of($typed);
        $found = self::after($this->found($filter, $search), $after)->orderByDesc('date')->orderByDesc('time')->orderByDesc('id')->limit($most + 1)->get(['id', 'kind', 'row_id', 'date', 'time', 'fish_id', 'other_fish_id', 'system_id', 'other_system_id', 'user_id', 'written_at', 'is_led', 'removed_at'])->all();
        $shown = array_slice(array_values($found), 0, $most);

        return new LogPage($shown, count($found) > $most ? self::placeOf($shown[$most - 1]) : null, $search->guessed);
    }

    /**
     * How much was written of each week, the oldest first, up to two years back.
     *
     * @param  LocalDate  $until  the last day
     * @return list<array{LocalDate, int, int}> its Monday, how many entries, how many of them a loss or an incident
     */
    public function weeks(LogFilter $filter, string $typed, LocalDate $until): array
    {
        $this->index->tell(self::TOLD_AT_ONCE);
        $monday = $until->plusDays(-self::WEEKS * 7)->monday();
        $lines = $this->found($filter, WordSearch::of($typed))->where('date', '>=', $monday->toIso())->where('date', '<=', $until->toIso());
        $days = $lines->groupBy('date')->get(['date', DB::raw('count(*) as n'), DB::raw("sum(kind in ('loss', 'incident')) as bad")]);
        /** @var array<string, array{LocalDate, int, int}> $weeks */
        $weeks = [];
        for ($week = $monday; ! $week->isAfter($until); $week = $week->plusDays(7)) {
            $weeks[$week->toIso()] = [$week, 0, 0];
        }
        foreach ($days as $day) {
            $week = LocalDate::fromIso($day->date)->monday();
            [, $entries, $bad] = $weeks[$week->toIso()] ?? [$week, 0, 0];
            $weeks[$week->toIso()] = [$week, $entries + (int) $day->n, $bad + (int) $day->bad];
        }

        return array_values($weeks);
    }

    public static function line(int $id): ?stdClass
    {
        return DB::table('log_lines')->where('id', $id)->first();
    }

    private function found(LogFilter $filter, WordSearch $search): Builder
    {
        $lines = $filter->narrow(DB::table('log_lines'));
        if ($search->isEmpty()) {
            return $filter->isAskedWithoutMeals() ? $lines->where('kind', '!=', LogKind::Meal->value) : $lines;
        }

        return $lines->whereIn('id', DB::table('log_words')->whereRaw('log_words match ?', [$search->match()])->select('rowid'));
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
