<?php

declare(strict_types=1);

namespace App\Sitting;

use App\Facility\FacilitySnapshot;
use App\Facility\Keys;
use App\Models\Quarantine;
use App\Models\RoundTick;
use App\Models\Sitter;
use Biomegas\Facility\Fish;
use Biomegas\Facility\System;
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
            $stops[] = SitterStop::of($system, $residents, $this->kept->load($system)->today()->feed, $system->temperature?->on($this->kept->facility->date), $isQuarantine);
        }

        return SitterRound::inOrder($stops);
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
