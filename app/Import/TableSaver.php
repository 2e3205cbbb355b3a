<?php

declare(strict_types=1);

namespace App\Import;

use App\Facility\Arrivals;
use App\Facility\Makeups;
use App\Facility\TenthMm;
use App\Models\Fish;
use App\Models\Measurement;
use Biomegas\Calendar\LocalDate;
use Biomegas\Facility\Group\Makeup;
use Biomegas\Facility\Sex;
use Biomegas\Rulebook\Method;
use Biomegas\Rulebook\Ration;
use Illuminate\Support\Facades\DB;
use LogicException;

/** Writes the good rows of a table down, all or none of them, and takes them back. */
final readonly class TableSaver
{
    public function __construct(private Arrivals $arrivals, private Makeups $makeups)
    {
    }

    /**
     * @param  list<CheckedRow>  $rows  good ones
     * @return array{fish: list<int>, lengths: list<int>} what came of it
     */
    public function save(array $rows, Ration $ration, Method $method): array
    {
        return DB::transaction(function () use ($rows, $ration, $method): array {
            $saved = ['fish' => [], 'lengths' => []];
            foreach (self::byFish($rows) as $ofOne) {
                $first = $ofOne[0];
                $id = $first->fishId;
                if ($id === null) {
                    $fish = $this->arrivals->record([
                        'name' => $first->typed['name'], 'species_id' => $first->speciesId, 'count' => $first->count, 'arrived_on' => self::earliest($ofOne)->toIso(), 'purpose' => 'display', 'ration' => $ration->value,
                        'sex' => self::sexOf($first),
                    ], (int) $first->systemId, null, $method);
                    $fish->mayBe($first->candidates);
                    $saved['fish'][] = $id = $fish->id;
                    if ($first->count > 1 && $first->males + $first->females > 0) {
                        $this->makeups->record($id, Makeup::of(self::earliest($ofOne), $first->count, $first->males, $first->females), $method, null);
                    }
                }
                foreach ($ofOne as $row) {
                    if ($row->lengthMm !== null && $row->date !== null) {
                        $saved['lengths'][] = Measurement::query()->create([
                            'fish_id' => $id, 'date' => $row->date->toIso(), 'length_tenth_mm' => TenthMm::of($row->lengthMm), 'method' => $method->value,
                        ])->id;
                    }
                }
            }

            return $saved;
        });
    }

    /** Of a single fish; a shoal has them in its make-up. */
    private static function sexOf(CheckedRow $row): ?Sex
    {
        return match (true) {
            $row->count > 1 => null,
            $row->males === 1 => Sex::Male,
            $row->females === 1 => Sex::Female,
            default => null,
        };
    }

    /**
     * @param  list<int>  $fish
     * @param  list<int>  $lengths
     */
    public function undo(array $fish, array $lengths): void
    {
        DB::transaction(function () use ($fish, $lengths): void {
            Measurement::withTrashed()->whereIn('id', $lengths)->forceDelete();
            foreach (Fish::query()->whereIn('id', $fish)->get() as $one) {
                $this->arrivals->undo($one);
            }
        });
    }

    /**
     * @param  list<CheckedRow>  $rows
     * @return list<non-empty-list<CheckedRow>> the row that brings a fish first
     */
    private static function byFish(array $rows): array
    {
        $byFish = [];
        foreach ($rows as $row) {
            $byFish[$row->fishId ?? mb_strtolower($row->typed['name'])][] = $row;
        }

        return array_values($byFish);
    }

    /** @param  non-empty-list<CheckedRow>  $rows  good ones: each has a day */
    private static function earliest(array $rows): LocalDate
    {
        $days = array_map(fn (CheckedRow $row): LocalDate => $row->date ?? throw new LogicException('A row without a day was taken for good.'), $rows);

        return array_reduce($days, fn (LocalDate $earliest, LocalDate $day): LocalDate => $day->isBefore($earliest) ? $day : $earliest, $days[0]);
    }
}
