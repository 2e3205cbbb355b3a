<?php

declare(strict_types=1);

namespace App\Facility;

use App\Repair\StoredTable;
use App\Repair\UnreadableRows;
use Biomegas\Calendar\LocalDate;
use Biomegas\Losses\CountKind;
use Biomegas\Losses\Lifetime;
use Biomegas\Losses\LossKind;
use Closure;
use Illuminate\Support\Facades\DB;
use stdClass;

/** How long all that ever came were kept, each member of a shoal for itself; food animals are eaten on purpose and left out. */
final class Lifetimes
{
    /** @var array<int, LocalDate> by fish */
    private array $came = [];

    /** @var array<int, int> by fish, while the log is read */
    private array $left = [];

    /** @var list<Lifetime> */
    private array $lives = [];

    public function __construct(private readonly UnreadableRows $unreadable)
    {
    }

    /** @return list<Lifetime> */
    public function until(LocalDate $today): array
    {
        [$this->came, $this->left, $this->lives] = [[], [], []];
        foreach (DB::table('fish')->where('purpose', '!=', 'food')->get(['id', 'arrived_on', 'count']) as $fish) {
            $this->came[$fish->id] = LocalDate::fromIso($fish->arrived_on);
            $this->left[$fish->id] = $fish->count;
        }
        // By day, and on one day losses before counts.
        $events = [...$this->losses(), ...$this->counts(), ...$this->passings(StoredTable::ShoalSplits, 'from_fish_id', null), ...$this->passings(StoredTable::ShoalJoins, 'fish_id', 'into_fish_id')];
        usort($events, fn (array $a, array $b): int => [$a[0], $a[1]] <=> [$b[0], $b[1]]);
        foreach ($events as [, , $happen]) {
            $happen();
        }
        foreach ($this->left as $fish => $count) {
            $this->leave($fish, $today, $count, false);
        }

        return $this->lives;
    }

    /** @return list<array{string, int, Closure(): void}> day, order on it, what happens */
    private function losses(): array
    {
        return $this->unreadable->readAll(StoredTable::Losses, DB::table('losses')->whereNull('deleted_at')->get(), fn (stdClass $row): array => [$row->date, 0, function () use ($row): void {
            $this->leave($row->fish_id, LocalDate::fromIso($row->date), $row->count, LossKind::from($row->kind)->isDeath());
        }]);
    }

    /**
     * Of those that a full count did not find nobody knows more than that they are gone.
     *
     * @return list<array{string, int, Closure(): void}>
     */
    private function counts(): array
    {
        return $this->unreadable->readAll(StoredTable::Counts, DB::table('counts')->whereNull('deleted_at')->where('kind', CountKind::AllCaught->value)->get(), fn (stdClass $row): array => [$row->date, 1, function () use ($row): void {
            $this->leave($row->fish_id, LocalDate::fromIso($row->date), ($this->left[$row->fish_id] ?? 0) - $row->number, true);
        }]);
    }

    /**
     * Whoever was parted from a shoal goes on in a record of its own, which began on the same day.
     *
     * @param  string|null  $to  column of the one that they go into; null: a record that has them from its beginning
     * @return list<array{string, int, Closure(): void}>
     */
    private function passings(StoredTable $table, string $from, ?string $to): array
    {
        return $this->unreadable->readAll($table, DB::table($table->value)->whereNull('deleted_at')->get(), fn (stdClass $row): array => [$row->date, 2, function () use ($row, $from, $to): void {
            $count = (int) $row->count;
            $this->left[$row->{$from}] = max(0, ($this->left[$row->{$from}] ?? 0) - $count);
            if ($to !== null) {
                $this->left[$row->{$to}] = ($this->left[$row->{$to}] ?? 0) + $count;
            }
        }]);
    }

    private function leave(int $fish, LocalDate $day, int $count, bool $hasDied): void
    {
        $count = min($count, $this->left[$fish] ?? 0);
        if ($count > 0 && isset($this->came[$fish])) {
            $this->lives[] = new Lifetime(max(0, $this->came[$fish]->daysUntil($day)), $hasDied, $count);
            $this->left[$fish] -= $count;
        }
    }
}
