<?php

declare(strict_types=1);

namespace App\Facility;

use App\Repair\UnreadableRows;
use Biomegas\Calendar\LocalDate;
use Biomegas\Company\Aggression\Contests;
use Biomegas\Company\Harm;
use Biomegas\Company\TemperSeen;
use Biomegas\Facility\Manner;
use Biomegas\Facility\Temper;
use Illuminate\Support\Facades\DB;
use stdClass;

/** How each fish behaves, by what the last year of the log shows and what its keeper says. */
final readonly class Manners
{
    /**
     * @param  array<int, array<string, int>>  $hurt  how often each left its mark on whom
     * @param  array<int, int>  $acts  of each
     * @param  array<int, int>  $watched  minutes for which the home of each was watched
     * @param  array<int, list<string>>  $guards  with whom each guards a brood
     */
    private function __construct(private array $hurt, private array $acts, private array $watched, private array $guards)
    {
    }

    public static function until(LocalDate $today, UnreadableRows $unreadable): self
    {
        $since = $today->plusDays(-Contests::DAYS)->toIso();
        $hurt = $acts = [];
        $rows = DB::table('incidents')->whereNull('deleted_at')->where('date', '>=', $since)->whereColumn('fish_id', '!=', 'target_id')
            ->groupBy('fish_id', 'target_id')->selectRaw('fish_id, target_id, count(*) as acts, sum(harm != ?) as harms', [Harm::None->value])->get();
        foreach ($rows as $row) {
            $acts[$row->fish_id] = ($acts[$row->fish_id] ?? 0) + (int) $row->acts;
            if ((int) $row->harms > 0) {
                $hurt[$row->fish_id][Keys::ofFish($row->target_id)] = (int) $row->harms;
            }
        }
        $watched = DB::table('watched_spans')->whereNull('watched_spans.deleted_at')->where('began_at', '>=', $since)
            ->join('stays', fn ($join) => $join->on('stays.system_id', 'watched_spans.system_id')->on('stays.from', '<=', 'began_at')->where(fn ($end) => $end->whereNull('stays.until')->orWhereColumn('stays.until', '>=', 'began_at')))
            ->groupBy('stays.fish_id')->selectRaw('stays.fish_id as fish_id, sum(minutes) as minutes')->get();

        return new self($hurt, $acts, $watched->mapWithKeys(fn (stdClass $row): array => [(int) $row->fish_id => (int) $row->minutes])->all(), Broods::guards($today, $unreadable));
    }

    /** @param  Temper|null  $stated  what its keeper says; null: nothing */
    public function seen(int $fishId, ?Temper $stated): TemperSeen
    {
        $hurt = $this->hurt[$fishId] ?? [];

        return new TemperSeen($this->acts[$fishId] ?? 0, array_sum($hurt), count($hurt), $this->watched[$fishId] ?? 0, $stated);
    }

    public function of(int $fishId, ?Temper $stated): Manner
    {
        return new Manner($this->seen($fishId, $stated)->temper(), $this->hurt[$fishId] ?? [], $this->guards[$fishId] ?? null);
    }
}
