<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Brood as Written;
use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use Biomegas\Brood\Brood;
use Biomegas\Brood\BroodPlan;
use Biomegas\Brood\BroodSign;
use Biomegas\Brood\BroodStyle;
use Biomegas\Calendar\LocalDate;
use Biomegas\Finding\Finding;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use stdClass;

/** Broods as they are written down, in the core's words. */
final readonly class Broods
{
    private const MOST = 50;

    /** @return Collection<int, Written> those that go on, in one system or everywhere, the newest first */
    public static function going(?int $systemId = null): Collection
    {
        return Written::query()->whereNull('outcome')->when($systemId !== null, fn ($of) => $of->where('system_id', $systemId))->orderByDesc('date')->orderByDesc('id')->limit(self::MOST)->get();
    }

    /** Of young that were kept; null: it came from elsewhere. */
    public static function parentsOf(int $fryId): ?Finding
    {
        $brood = Written::query()->where('fry_id', $fryId)->first();
        $names = $brood === null ? [] : DB::table('fish')->whereIn('id', array_filter([$brood->fish_id, $brood->father_id]))->pluck('name', 'id')->all();

        return match (true) {
            $brood === null => null,
            $brood->father_id === null => Finding::of('brood.young_of_one', mother: $names[$brood->fish_id]),
            default => Finding::of('brood.young_of', mother: $names[$brood->fish_id], father: $names[$brood->father_id]),
        };
    }

    /** Null: its mother is not there any more. */
    public static function of(FacilitySnapshot $kept, Written $written): ?Brood
    {
        $mother = $kept->find($written->fish_id);

        return $mother === null ? null : Brood::of(
            $mother, $written->father_id === null ? null : $kept->find($written->father_id), $written->style, $written->sign, LocalDate::fromIso($written->date), self::arranged($written->steps),
        );
    }

    /**
     * Who guards a brood on that day, each with those whose brood it is too.
     *
     * @return array<int, list<string>> keys by fish
     */
    public static function guards(LocalDate $today, UnreadableRows $unreadable): array
    {
        $guards = [];
        $unreadable->readAll(StoredTable::Broods, DB::table('broods')->whereNull('deleted_at')->whereNull('outcome')->get(), function (stdClass $row) use (&$guards, $today): void {
            if (BroodPlan::isGuardedOn($today, BroodStyle::from($row->style), BroodSign::from($row->sign), LocalDate::fromIso($row->date), self::arranged((array) json_decode($row->steps, true, 8, JSON_THROW_ON_ERROR)))) {
                $parents = array_values(array_filter([$row->fish_id, $row->father_id]));
                foreach ($parents as $parent) {
                    $guards[$parent] = array_map(Keys::ofFish(...), array_values(array_diff($parents, [$parent])));
                }
            }
        });

        return $guards;
    }

    /**
     * @param  array<mixed>  $steps  as stored
     * @return array<string, array{done: bool, out: bool, on: LocalDate|null}>
     */
    private static function arranged(array $steps): array
    {
        $arranged = [];
        foreach ($steps as $kind => $step) {
            $step = (array) $step;
            $arranged[(string) $kind] = ['done' => (bool) ($step['done'] ?? false), 'out' => (bool) ($step['out'] ?? false), 'on' => isset($step['on']) && is_string($step['on']) ? LocalDate::fromIso($step['on']) : null];
        }

        return $arranged;
    }
}
