<?php

declare(strict_types=1);

namespace App\Facility;

use App\Http\Resources\LogLine;
use App\Http\Resources\LogType;
use App\Models\System;
use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use Biomegas\Company\Act;
use Biomegas\Company\Harm;
use Biomegas\Facility\Sex;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use stdClass;

/** The newest entries about a fish from all the log's tables. */
final readonly class FishLog
{
    private const NEWEST = 30;

    public function __construct(private KeepingHistory $history, private UnreadableRows $unreadable)
    {
    }

    /** @return list<LogLine> newest first */
    public function of(int $fishId): array
    {
        $lines = [...$this->incidents($fishId), ...$this->losses($fishId), ...$this->counts($fishId), ...$this->moves($fishId), ...$this->makeups($fishId), ...$this->partings($fishId), ...$this->joinings($fishId), ...$this->inspections($fishId), ...$this->history->of($fishId)];
        usort($lines, fn (LogLine $a, LogLine $b): int => [$b->date, $b->time, $b->id] <=> [$a->date, $a->time, $a->id]);

        return array_slice($lines, 0, self::NEWEST);
    }

    /** @return list<LogLine> */
    private function incidents(int $fishId): array
    {
        $rows = DB::table('incidents')->whereNull('incidents.deleted_at')
            ->where(fn (Builder $either) => $either->where('incidents.fish_id', $fishId)->orWhere('incidents.target_id', $fishId))
            ->join('fish as actor', 'actor.id', 'incidents.fish_id')
            ->join('fish as target', 'target.id', 'incidents.target_id')
            ->select('incidents.*', 'actor.name as actor_name', 'target.name as target_name')
            ->orderByDesc('incidents.date')->orderByDesc('incidents.id')->limit(self::NEWEST)->get();

        return $this->unreadable->readAll(StoredTable::Incidents, $rows, fn (stdClass $row): LogLine => new LogLine(
            LogType::Incident, $row->id, $row->date,
            other: $row->fish_id === $fishId ? $row->target_name : $row->actor_name,
            is_actor: $row->fish_id === $fishId,
            act: Act::from($row->act),
            harm: Harm::from($row->harm),
            time: $row->time === null ? null : substr($row->time, 0, 5),
        ));
    }

    /** @return list<LogLine> its own, and whom it ate */
    private function losses(int $fishId): array
    {
        $rows = DB::table('losses')->whereNull('losses.deleted_at')->where(fn (Builder $either) => $either->where('losses.fish_id', $fishId)->orWhere('losses.eaten_by_id', $fishId))
            ->join('fish as lost', 'lost.id', 'losses.fish_id')->leftJoin('fish as eater', 'eater.id', 'losses.eaten_by_id')
            ->select('losses.*', 'lost.name as lost_name', 'eater.name as eater_name')->orderByDesc('losses.date')->orderByDesc('losses.id')->limit(self::NEWEST)->get();

        return $this->unreadable->readAll(StoredTable::Losses, $rows, fn (stdClass $row): LogLine => new LogLine(
            LogType::Loss, $row->id, $row->date,
            other: $row->fish_id === $fishId ? $row->eater_name : $row->lost_name,
            is_actor: $row->fish_id !== $fishId,
            kind: $row->kind, count: $row->count, cause: $row->cause, sex: $row->sex === null ? null : Sex::from($row->sex),
            from: $row->last_seen, lesson: $row->lesson,
        ));
    }

    /** @return list<LogLine> */
    private function counts(int $fishId): array
    {
        return $this->unreadable->readAll(StoredTable::Counts, $this->newest('counts', $fishId)->get(), fn (stdClass $row): LogLine => new LogLine(LogType::Count, $row->id, $row->date, kind: $row->kind, count: $row->number));
    }

    /** @return list<LogLine> */
    private function moves(int $fishId): array
    {
        $names = System::query()->pluck('name', 'id');

        return $this->unreadable->readAll(StoredTable::Moves, $this->newest('moves', $fishId)->get(), fn (stdClass $row): LogLine => new LogLine(LogType::Move, $row->id, $row->date, from: $names[$row->from_system_id], to: $names[$row->to_system_id]));
    }

    /** @return list<LogLine> */
    private function inspections(int $fishId): array
    {
        return $this->unreadable->readAll(StoredTable::Inspections, $this->newest('inspections', $fishId)->get(), fn (stdClass $row): LogLine => new LogLine(LogType::Inspection, $row->id, $row->date, kind: implode(', ', Inspections::whatOf($row)), cause: $row->note));
    }

    /** @return list<LogLine> */
    private function makeups(int $fishId): array
    {
        return $this->unreadable->readAll(StoredTable::Makeups, $this->newest('makeups', $fishId)->get(), fn (stdClass $row): LogLine => new LogLine(LogType::Makeup, $row->id, $row->date, count: $row->count, males: $row->males, females: $row->females));
    }

    /** @return list<LogLine> */
    private function partings(int $fishId): array
    {
        return $this->between($fishId, StoredTable::ShoalSplits, 'to_fish_id', 'from_fish_id', LogType::Parting);
    }

    /** @return list<LogLine> */
    private function joinings(int $fishId): array
    {
        return $this->between($fishId, StoredTable::ShoalJoins, 'fish_id', 'into_fish_id', LogType::Joining);
    }

    /**
     * @param  string  $own  column of the one that parted or joined
     * @param  string  $shoal  column of the shoal
     * @return list<LogLine>
     */
    private function between(int $fishId, StoredTable $table, string $own, string $shoal, LogType $type): array
    {
        $rows = DB::table($table->value)->whereNull('deleted_at')->where(fn (Builder $either) => $either->where($own, $fishId)->orWhere($shoal, $fishId))
            ->orderByDesc('date')->orderByDesc('id')->limit(self::NEWEST)->get();
        $names = DB::table('fish')->whereIn('id', [...$rows->pluck($own), ...$rows->pluck($shoal)])->pluck('name', 'id');

        return $this->unreadable->readAll($table, $rows, fn (stdClass $row): LogLine => new LogLine(
            $type, $row->id, $row->date,
            other: $names[$row->{$own} === $fishId ? $row->{$shoal} : $row->{$own}],
            is_actor: $row->{$own} === $fishId,
            count: $row->count,
        ));
    }

    private function newest(string $table, int $fishId): Builder
    {
        return DB::table($table)->whereNull('deleted_at')->where('fish_id', $fishId)
            ->orderByDesc('date')->orderByDesc('id')->limit(self::NEWEST);
    }
}
