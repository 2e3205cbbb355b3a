<?php

declare(strict_types=1);

namespace App\Facility;

use App\Http\Resources\LogLine;
use App\Http\Resources\LogType;
use App\Models\FacilitySettings;
use App\Models\Fish;
use App\Models\Species;
use Carbon\CarbonImmutable;
use Spatie\Activitylog\Models\Activity;

/** What a fish was taken for and how it was fed before, and since when otherwise. */
final readonly class KeepingHistory
{
    private const NEWEST = 30;

    /** @return list<LogLine> in no order */
    public function of(int $fishId): array
    {
        return [...$this->identities($fishId), ...$this->rations($fishId)];
    }

    /** @return list<LogLine> one for each thing that was changed */
    private function identities(int $fishId): array
    {
        $zone = FacilitySettings::query()->firstOrFail()->time_zone;
        $changes = Activity::query()->where(['subject_type' => Fish::class, 'subject_id' => $fishId, 'event' => 'updated'])
            ->orderByDesc('id')->limit(self::NEWEST)->get();
        $kinds = Species::query()->pluck('common_name', 'id')->all();
        $lines = [];
        foreach ($changes as $change) {
            $written = CarbonImmutable::parse($change->created_at)->setTimezone($zone);
            $new = (array) $change->changes()['attributes'];
            $old = (array) $change->changes()['old'];
            foreach (self::words($kinds, $old, $new) as $type => [$from, $to]) {
                $lines[] = new LogLine(LogType::from($type), $change->id, $written->toDateString(), time: $written->format('H:i'), from: $from, to: $to);
            }
        }

        return $lines;
    }

    /**
     * @param  array<int, string>  $kinds  names by id
     * @param  array<string, mixed>  $old  the columns that were changed, all of them
     * @param  array<string, mixed>  $new
     * @return array<value-of<LogType>, array{string|null, string|null}> before and after
     */
    private static function words(array $kinds, array $old, array $new): array
    {
        $read = [
            LogType::Species->value => ['species_id', fn (mixed $id): ?string => $kinds[$id] ?? null],
            LogType::Candidates->value => ['candidates', fn (mixed $list): ?string => self::candidates($kinds, $list)],
            LogType::Sex->value => ['sex', fn (mixed $sex): ?string => $sex],
            LogType::Hatched->value => ['hatched_on', fn (mixed $day): ?string => $day],
            LogType::Temper->value => ['temper', fn (mixed $temper): ?string => $temper],
            LogType::Adult->value => ['stated_adult_tenth_mm', fn (mixed $tenths): ?string => $tenths === null ? null : (string) TenthMm::toMm((int) $tenths)],
        ];
        $words = [];
        foreach ($read as $type => [$column, $word]) {
            if (array_key_exists($column, $new)) {
                $words[$type] = [$word($old[$column] ?? null), $word($new[$column])];
            }
        }

        return $words;
    }

    /** @param  array<int, string>  $kinds */
    private static function candidates(array $kinds, mixed $list): ?string
    {
        $words = array_map(
            fn (array $candidate): string => sprintf('%s %.0f %%', $kinds[$candidate['species_id']] ?? '', 100 * $candidate['weight']),
            (array) $list,
        );

        return $words === [] ? null : implode(', ', $words);
    }

    /** @return list<LogLine> */
    private function rations(int $fishId): array
    {
        $fish = Fish::query()->findOrFail($fishId);
        $before = $fish->ration;
        $lines = [];
        foreach ($fish->rationChanges as $change) {
            $lines[] = new LogLine(LogType::Ration, $change->id, $change->from, from: $before->value, to: $change->ration->value);
            $before = $change->ration;
        }

        return array_slice($lines, -self::NEWEST);
    }
}
