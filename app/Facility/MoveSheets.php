<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Fish as FishRecord;
use App\Models\Incident;
use App\Models\Move;
use App\Models\MoveSheet as Written;
use App\Models\MoveSheetFish;
use App\Models\Preparation;
use App\Models\ShoalSplit;
use App\Models\Species;
use App\Models\Watch;
use App\Repair\StoredTable;
use App\Scenario\ScenarioMapper;
use Biomegas\Calendar\LocalDate;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Biomegas\Growth\Shoal;
use Biomegas\Housing\Verdict\Occupant;
use Biomegas\Losses\Parting;
use Biomegas\Moving\MadeMove;
use Biomegas\Moving\Mixing\Hardiness;
use Biomegas\Moving\Sheet\DailyTests;
use Biomegas\Moving\Sheet\MoveCase;
use Biomegas\Moving\Sheet\MoveSheet;
use Biomegas\Moving\Sheet\MovingOccupant;
use Biomegas\Moving\Sheet\SheetStep;
use Biomegas\Planning\Change\BeforeAfter;
use Biomegas\Planning\Change\SystemChange;
use Biomegas\Planning\Floor\ProjectedOccupant;
use Biomegas\Planning\HomesAhead\FallbackMissing;
use Biomegas\Steps\ArrangedStep;
use Biomegas\Steps\Arrangement;
use Biomegas\Water\Load\FedOccupant;
use Biomegas\Water\Readiness\Readying;

/** Prepared moves as they are written down: worked out by the core, and carried out. */
final readonly class MoveSheets
{
    public function __construct(private MoveLog $log, private ShoalParting $parting)
    {
    }

    /** Null when a fish of it is no longer there. */
    public function work(FacilitySnapshot $kept, Written $sheet): ?MoveSheet
    {
        $case = $this->caseOf($kept, $sheet);

        return $case === null ? null : MoveSheet::of($case, Arrangements::read($sheet->arrangement));
    }

    /**
     * @param  list<ArrangedStep>  $wanted  in working order; none: as usual again
     *
     * @throws InvalidEntry when a fish of it is gone, or a step that guards somebody is left out
     */
    public function arrange(FacilitySnapshot $kept, Written $sheet, array $wanted): void
    {
        $case = $this->caseOf($kept, $sheet) ?? throw InvalidEntry::because('fish', Finding::of('entry.sheet_to_drop'));
        $usual = MoveSheet::of($case)->steps;
        $arrangement = Arrangement::of(
            $wanted,
            array_column(array_map(fn (SheetStep $step): array => [$step->key, $step->minutes], $usual), 1, 0),
            array_values(array_map(fn (SheetStep $step): string => $step->key, array_filter($usual, fn (SheetStep $step): bool => $step->isNeeded()))),
        );
        $sheet->update(['arrangement' => Arrangements::write($arrangement)]);
    }

    public function caseOf(FacilitySnapshot $kept, Written $sheet): ?MoveCase
    {
        $from = $kept->system($sheet->from_system_id);
        $to = $kept->system($sheet->to_system_id);
        $date = LocalDate::later($kept->facility->date, LocalDate::fromIso($sheet->planned_on));
        $movers = [];
        foreach ($sheet->fish as $single) {
            $fish = $kept->find($single->fish_id);
            if ($fish === null) {
                return null;
            }
            $movers[] = $this->mover($kept, $fish, $single, $date);
        }
        $going = array_map(fn (MovingOccupant $mover): ?string => $mover->occupant->fish, $movers);

        return $movers === [] ? null : new MoveCase(
            $movers, $from, $to, MovingBook::sample($kept, $from), MovingBook::sample($kept, $to),
            array_values(array_filter($kept->residents()->on($to, $date), fn (Occupant $occupant): bool => ! in_array($occupant->fish, $going, true))),
            $date, $kept->facility->rulebook, $sheet->mixing, $sheet->container_tenth_litres / 10,
            $this->readyOn($kept, $to),
        );
    }

    private function mover(FacilitySnapshot $kept, Fish $fish, MoveSheetFish $single, LocalDate $date): MovingOccupant
    {
        $whole = $kept->occupantOn($fish, $date);
        $size = $single->count === null ? null : $fish->makeup?->sizeCalled($single->size ?? '');
        $occupant = $size === null
            ? $whole->some($single->count ?? $whole->count)
            : Shoal::of($fish)->occupantOfSize($size, $whole->length, $single->count);
        $species = Species::query()->where('key', $fish->species->key)->first();
        $background = $species === null ? null : ScenarioMapper::background($species->current());

        return new MovingOccupant(
            $occupant,
            (new FedOccupant($fish->species, $occupant->length, 1, $fish->ration))->mass(),
            Hardiness::of($fish->species, $background),
            $background->hazards ?? [],
            MovingBook::quarantine($kept, $fish),
            FallbackMissing::reason($fish, $kept->homesAhead($fish)) !== null,
        );
    }

    private function readyOn(FacilitySnapshot $kept, System $to): ?LocalDate
    {
        $written = Preparation::query()->where('system_id', Keys::id($to->key))->first();
        $readying = $written === null ? null : $kept->unreadable->read(StoredTable::Preparations, $written->id, fn (): Readying => Preparations::of($kept, $to, $written));

        return $readying === null || $readying->preparation->isReady() ? null : $readying->preparation->notBefore;
    }

    /** What it does to the water where they go; null when the load hardly changes, or nothing can be said. */
    public function addition(FacilitySnapshot $kept, Written $sheet): ?BeforeAfter
    {
        $home = $kept->system($sheet->to_system_id);
        $on = LocalDate::later($kept->facility->date, LocalDate::fromIso($sheet->planned_on));
        $fed = [];
        foreach ($sheet->fish as $single) {
            $fish = $kept->find($single->fish_id);
            if ($fish !== null && $fish->currentSystem() !== $home->key) {
                $fed[] = new FedOccupant($fish->species, $kept->occupantOn($fish, $on)->length, $single->count ?? $fish->count, $fish->ration);
            }
        }
        $added = array_sum(array_map(fn (FedOccupant $occupant): float => $occupant->feed($home->temperature?->on($on), $kept->facility->rulebook), $fed));

        $going = array_map(fn (MoveSheetFish $single): string => Keys::ofFish($single->fish_id), $sheet->fish->all());
        $residents = array_values(array_filter($kept->growingOn($home, $on), fn (ProjectedOccupant $resident): bool => ! in_array($resident->fish->key, $going, true)));
        $fedNow = array_sum(array_map(fn (ProjectedOccupant $resident): float => $resident->fedOn($on)->feed($home->temperature?->on($on), $kept->facility->rulebook), $residents));

        return DailyTests::isLarge($fedNow, $added)
            ? BeforeAfter::of($kept->facility, $home, $residents, new SystemChange(newEaters: $fed), $kept->celsiusNow($home), past: FilterBook::past($kept, $home, $on), on: $on)
            : null;
    }

    /** The daily tests after it: as they were set when it was finished, else as they would be. */
    public function tests(FacilitySnapshot $kept, Written $sheet): ?DailyTests
    {
        if ($sheet->finished_at !== null) {
            return $sheet->test_until === null ? null : DailyTests::until(LocalDate::fromIso($sheet->test_until));
        }
        $forecast = $this->addition($kept, $sheet)?->forecast;

        return $forecast === null ? null : DailyTests::after(LocalDate::later($kept->facility->date, LocalDate::fromIso($sheet->planned_on)), $forecast->outcome());
    }

    /**
     * Writes the moves down, parts shoals, and begins the watch.
     *
     * @param  LocalMoment  $at  when they were made
     *
     * @throws InvalidEntry
     */
    public function finish(FacilitySnapshot $kept, Written $sheet, LocalMoment $at, ?int $userId): void
    {
        $tests = $this->tests($kept, $sheet);
        foreach ($sheet->fish as $single) {
            $fish = $kept->find($single->fish_id) ?? throw InvalidEntry::because('fish', Finding::of('entry.sheet_fish_gone'));
            $record = FishRecord::query()->findOrFail($single->fish_id);
            $to = $kept->system($sheet->to_system_id);
            $part = $single->count !== null && $single->count < $fish->count ? $single->count : null;
            if ($part !== null) {
                $record = $this->parting->part($record, self::partOf($fish, $part, $single), $at->date);
                $fish = new Fish(key: Keys::ofFish($record->id), name: $record->name, species: $fish->species, arrived: $fish->arrived, stays: $fish->stays, count: $part);
            }
            $move = $this->log->record($record, MadeMove::record($fish, $to, $at->date, $kept->facility->date), $userId);
            $single->update(['move_id' => $move->id, 'fish_id' => $record->id, 'count' => $part]);
            Watch::query()->create([
                'fish_id' => $record->id, 'system_id' => $sheet->to_system_id, 'move_sheet_id' => $sheet->id, 'began_at' => $at->toIso(),
                'is_return' => HomeRecords::hasLivedIn($record->id, $sheet->to_system_id),
            ]);
        }
        $sheet->update(['finished_at' => now(), 'test_until' => $tests?->until->toIso()]);
    }

    /**
     * Takes a finished run back while nothing has been written since.
     *
     * @throws InvalidEntry
     */
    public function undo(Written $sheet): void
    {
        $this->checkUndo($sheet);
        Watch::withTrashed()->where('move_sheet_id', $sheet->id)->forceDelete();
        foreach ($sheet->fish as $single) {
            $move = $single->move_id === null ? null : Move::query()->find($single->move_id);
            if ($move !== null) {
                $single->update(['move_id' => null]);
                $this->log->undo($move);
            }
            $split = $this->splitBy($single);
            if ($split !== null) {
                $this->parting->undo($split, $single);
            }
        }
        $sheet->update(['finished_at' => null, 'test_until' => null]);
    }

    /** @throws InvalidEntry */
    private function checkUndo(Written $sheet): void
    {
        $watches = Watch::query()->where('move_sheet_id', $sheet->id);
        if ((clone $watches)->whereHas('checks')->exists() || (clone $watches)->whereHas('interventions')->exists()) {
            throw InvalidEntry::because('sheet', Finding::of('entry.sheet_looked_at'));
        }
        foreach ($sheet->fish as $single) {
            $split = $this->splitBy($single);
            if ($split !== null) {
                $this->parting->checkUndo($split, byARun: true);
            }
            if ($this->hadIncidentsSince($sheet, $single->fish_id)) {
                throw InvalidEntry::because('sheet', Finding::of('entry.sheet_aggression_since'));
            }
            $move = $single->move_id === null ? null : Move::query()->find($single->move_id);
            if ($move !== null && $this->log->hasNewQuarantine($move)) {
                throw InvalidEntry::because('sheet', Finding::of('entry.quarantine_since'));
            }
        }
    }

    private static function partOf(Fish $shoal, int $count, MoveSheetFish $single): PartOfShoal
    {
        return new PartOfShoal($count, $single->name ?? '', $single->sex, Parting::check($shoal, $shoal->count, $count, $single->sex, $single->size ?? ''));
    }

    /** The parting that this run made; null: it made none. */
    private function splitBy(MoveSheetFish $single): ?ShoalSplit
    {
        return $single->count === null ? null : $this->parting->splitOf($single->fish_id);
    }

    private function hadIncidentsSince(Written $sheet, int $fishId): bool
    {
        return Incident::query()->where('created_at', '>', $sheet->finished_at)
            ->where(fn ($either) => $either->where('fish_id', $fishId)->orWhere('target_id', $fishId))->exists();
    }
}
