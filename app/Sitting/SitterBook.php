<?php

declare(strict_types=1);

namespace App\Sitting;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Feeding\FeedingTables;
use App\Models\Quarantine;
use App\Models\RoundTick;
use App\Models\Sitter;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
use Biomegas\Finding\Finding;
use Biomegas\Food\FeedingTable;
use Biomegas\Sitting\SitterRound;
use Biomegas\Sitting\SitterStop;
use Illuminate\Support\Collection;

/** The round of a sitter: the homes in which somebody lives, in walking order, those of quarantine last. */
final readonly class SitterBook
{
    public function __construct(private FacilitySnapshot $kept)
    {
    }

    /** @return list<SitterStop> */
    public function stops(): array
    {
        $quarantined = Quarantine::query()->whereNull('released_on')->pluck('fish_id')->map(Keys::ofFish(...))->all();
        $stops = [];
        foreach ($this->kept->facility->systems as $system) {
            $residents = $this->kept->facility->residentsOf($system);
            if ($residents === []) {
                continue;
            }
            $isQuarantine = array_filter($residents, fn (Fish $fish): bool => in_array($fish->key, $quarantined, true)) !== [];
            $tables = (new FeedingTables($this->kept))->of($system);
            $fed = array_values(array_filter($tables, fn (FeedingTable $table): bool => $table->isFed($this->kept->facility->date)));
            $stops[] = SitterStop::of($system, $residents, array_map(fn (FeedingTable $table): Finding => $this->give($table), $fed), $this->medicines($fed), $system->temperature?->on($this->kept->facility->date), $isQuarantine);
        }

        return SitterRound::inOrder($stops);
    }

    /** Said of one by itself with its name. */
    private function give(FeedingTable $table): Finding
    {
        $what = $table->finding($this->kept->facility->date);

        return $table->isAlone ? Finding::of('sitter.feed_one', fish: $table->fish[0]->name, what: $what) : $what;
    }

    /**
     * @param  list<FeedingTable>  $tables
     * @return list<string>
     */
    private function medicines(array $tables): array
    {
        return array_values(array_filter(array_map(fn (FeedingTable $table): ?string => $table->medicine($this->kept->facility->date), $tables), fn (?string $medicine): bool => $medicine !== null));
    }

    public function system(SitterStop $stop): System
    {
        return $this->kept->facility->systems[$stop->system];
    }

    /** @return Collection<string, RoundTick> of a day, by task and home */
    public static function ticks(Sitter $sitter, string $date): Collection
    {
        return RoundTick::query()->where(['sitter_id' => $sitter->id, 'date' => $date])->get()->keyBy(fn (RoundTick $tick): string => "{$tick->task}-{$tick->system_id}");
    }
}
