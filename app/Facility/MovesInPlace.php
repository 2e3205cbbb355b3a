<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Incident;
use App\Models\Move;
use App\Models\Quarantine;
use App\Models\Stay;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Moving\MoveInPlace;

/** Corrects and takes out moves of the past: the stays before and after are kept in step, and what happened in between must still be possible. */
final readonly class MovesInPlace
{
    public function __construct(private FacilityReader $reader, private MoveLog $log)
    {
    }

    /** Among its neighbours; of one that was taken out, where it would stand. */
    public function placeOf(Move $move): MoveInPlace
    {
        $kept = $this->reader->read($move->fish_id);
        [$before, , $next] = self::stays($move);

        return new MoveInPlace(
            $kept->fish($move->fish_id), $kept->system($before->system_id), LocalDate::fromIso($before->from),
            $next === null ? null : $kept->system($next->system_id), $next === null ? null : LocalDate::fromIso($next->from),
        );
    }

    /** @throws InvalidEntry when it cannot have been made like this */
    public function correct(Move $move, System $to, LocalDate $date): void
    {
        $this->checkSheet($move);
        $this->placeOf($move)->check($to, $date, $this->reader->read($move->fish_id)->facility->date);
        [$before, $stay, $next] = self::stays($move);
        $since = min($date->toIso(), $move->date);
        $before->update(['until' => $date->toIso()]);
        $stay?->update(['from' => $date->toIso(), 'system_id' => Keys::id($to->key)]);
        $this->moveOf($next)?->update(['from_system_id' => Keys::id($to->key)]);
        Quarantine::query()->where('ended_by_move_id', $move->id)->update(['released_on' => $date->toIso()]);
        $move->update(['date' => $date->toIso(), 'to_system_id' => Keys::id($to->key)]);
        $this->checkIncidents($move, $since, $next?->from);
    }

    /** @throws InvalidEntry when later entries rest on it */
    public function remove(Move $move): void
    {
        [$before, $stay, $next] = self::stays($move);
        if ($stay === null || $next === null) {
            $this->log->undo($move);
        } else {
            $this->checkSheet($move);
            $this->placeOf($move)->checkRemoval();
            Quarantine::query()->where('ended_by_move_id', $move->id)->update(['released_on' => $next->from, 'ended_by_move_id' => $next->move_id]);
            $stay->delete();
            $before->update(['until' => $next->from]);
            $this->moveOf($next)?->update(['from_system_id' => $before->system_id]);
            $move->delete();
        }
        $this->checkIncidents($move, $move->date, $next?->from);
    }

    /** @throws InvalidEntry when it cannot have been made among those that stand there now */
    public function putBack(Move $move): void
    {
        $kept = $this->reader->read($move->fish_id);
        $this->placeOf($move)->check($kept->system($move->to_system_id), LocalDate::fromIso($move->date), $kept->facility->date);
        [$before, , $next] = self::stays($move);
        $move->restore();
        $move->update(['from_system_id' => $before->system_id]);
        Stay::query()->create(['fish_id' => $move->fish_id, 'system_id' => $move->to_system_id, 'from' => $move->date, 'until' => $before->until, 'move_id' => $move->id]);
        $before->update(['until' => $move->date]);
        $this->moveOf($next)?->update(['from_system_id' => $move->to_system_id]);
        $this->checkIncidents($move, $move->date, $next?->from);
    }

    /** @return array{Stay, Stay|null, Stay|null} the stay before it, its own (null: it was taken out), the one after */
    private static function stays(Move $move): array
    {
        $own = Stay::query()->where('move_id', $move->id)->first();
        $of = Stay::query()->where('fish_id', $move->fish_id)->when($own !== null, fn ($others) => $others->whereKeyNot($own?->id));
        $from = $own->from ?? $move->date;
        $isEarlier = fn (Stay $stay): bool => $own === null ? $stay->from <= $from : [$stay->from, $stay->id] < [$from, $own->id];
        $before = (clone $of)->orderByDesc('from')->orderByDesc('id')->get()->first($isEarlier) ?? throw InvalidEntry::because('move', Finding::of('entry.no_home_before'));
        $next = $of->orderBy('from')->orderBy('id')->get()->first(fn (Stay $stay): bool => ! $isEarlier($stay));

        return [$before, $own, $next];
    }

    private function moveOf(?Stay $stay): ?Move
    {
        return $stay?->move_id === null ? null : Move::query()->find($stay->move_id);
    }

    private function checkSheet(Move $move): void
    {
        if ($move->sheetEntry()->exists()) {
            throw InvalidEntry::because('move', Finding::of('entry.move_of_a_sheet'));
        }
    }

    /** Whoever met must still have met. */
    private function checkIncidents(Move $move, string $from, ?string $until): void
    {
        $kept = $this->reader->read($move->fish_id);
        $incidents = Incident::query()->where(fn ($either) => $either->where('fish_id', $move->fish_id)->orWhere('target_id', $move->fish_id))
            ->where('date', '>=', $from)->when($until !== null, fn ($only) => $only->where('date', '<=', $until))->get();
        $apart = $incidents->reject(function (Incident $incident) use ($kept): bool {
            [$actor, $target, $day] = [$kept->find($incident->fish_id), $kept->find($incident->target_id), LocalDate::fromIso($incident->date)];

            return $actor === null || $target === null || array_intersect($actor->homesOn($day), $target->homesOn($day)) !== [];
        });
        if ($apart->isNotEmpty()) {
            throw InvalidEntry::because('move', Finding::of('entry.incidents_need_it', n: $apart->count(), fish: $kept->fish($move->fish_id)->name));
        }
    }
}
