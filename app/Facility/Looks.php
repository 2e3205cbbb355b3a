<?php

declare(strict_types=1);

namespace App\Facility;

use App\Models\Incident;
use App\Models\Watch;
use App\Models\WatchCheck;
use Biomegas\Calendar\LocalMoment;
use Biomegas\Company\Act;
use Biomegas\Company\Harm;
use Biomegas\Finding\Finding;
use Biomegas\Finding\InvalidEntry;
use Illuminate\Support\Facades\DB;

/**
 * Looks at fish that are watched, as they are written down: at all that were
 * added together, in one go. A chase that is seen stands in the log of both.
 *
 * @phpstan-type Seen array{troubles: list<string>, has_eaten: bool, chased_by_id?: int|null, chases_id?: int|null, note?: string|null}
 */
final readonly class Looks
{
    public function __construct(private LocalMoment $now, private ?int $userId)
    {
    }

    /**
     * @param  bool  $haveEaten  all but the exceptions
     * @param  list<array{watch_id: int, troubles: list<string>, has_eaten: bool, chased_by_id?: int|null, chases_id?: int|null, note?: string|null}>  $exceptions
     * @return WatchCheck the first of the round; undone, the whole round is
     *
     * @throws InvalidEntry when the watch has ended, or an exception is none of them
     */
    public function record(FacilitySnapshot $kept, Watch $watch, bool $haveEaten, array $exceptions): WatchCheck
    {
        if ($watch->ended !== null) {
            throw InvalidEntry::because('watch', Finding::of('entry.watch_ended'));
        }
        $together = Watches::addedWith($kept, $watch)->keyBy('id');
        foreach ($exceptions as $i => $exception) {
            $other = $together->get($exception['watch_id']) ?? throw InvalidEntry::because("exceptions.{$i}.watch_id", Finding::of('entry.not_of_this_addition'));
            self::checkChase($kept, $other, $exception, "exceptions.{$i}.");
        }

        $seen = array_column($exceptions, null, 'watch_id');

        return DB::transaction(function () use ($together, $haveEaten, $seen): WatchCheck {
            $first = null;
            foreach ($together as $other) {
                $look = $this->write($other, $seen[$other->id] ?? ['troubles' => [], 'has_eaten' => $haveEaten], $first?->id);
                $first ??= $look;
            }

            return $first ?? throw InvalidEntry::because('watch', Finding::of('entry.sheet_fish_gone'));
        });
    }

    /** The look, the others of the round that it led, and the chases that they wrote down. */
    public static function undo(WatchCheck $check): void
    {
        DB::transaction(function () use ($check): void {
            $round = WatchCheck::query()->whereKey($check->id)->orWhere('first_id', $check->id);
            Incident::query()->whereIn('watch_check_id', (clone $round)->select('id'))->delete();
            $round->delete();
        });
    }

    /**
     * @param  array{chased_by_id?: int|null, chases_id?: int|null, ...}  $seen
     *
     * @throws InvalidEntry
     */
    private static function checkChase(FacilitySnapshot $kept, Watch $watch, array $seen, string $path): void
    {
        foreach (['chased_by_id', 'chases_id'] as $field) {
            $other = $seen[$field] ?? null;
            if ($other === $watch->fish_id) {
                throw InvalidEntry::because($path.$field, Finding::of('entry.chases_itself'));
            }
            if ($other !== null && $kept->find($other)?->currentSystem() !== Keys::ofSystem($watch->system_id)) {
                throw InvalidEntry::because($path.$field, Finding::of('entry.chases_from_elsewhere'));
            }
        }
    }

    /** @param  Seen  $seen */
    private function write(Watch $watch, array $seen, ?int $firstId): WatchCheck
    {
        $check = WatchCheck::query()->create([
            'watch_id' => $watch->id, 'at' => $this->now->toIso(), 'troubles' => $seen['troubles'], 'has_eaten' => $seen['has_eaten'],
            'chased_by_id' => $seen['chased_by_id'] ?? null, 'chases_id' => $seen['chases_id'] ?? null, 'note' => $seen['note'] ?? null, 'user_id' => $this->userId, 'first_id' => $firstId,
        ]);
        $this->chase($check, $check->chased_by_id, $watch->fish_id);
        $this->chase($check, $watch->fish_id, $check->chases_id);

        return $check;
    }

    private function chase(WatchCheck $check, ?int $actor, ?int $target): void
    {
        if ($actor !== null && $target !== null) {
            Incident::query()->create([
                'fish_id' => $actor, 'target_id' => $target, 'act' => Act::Chased, 'harm' => Harm::None,
                'date' => $this->now->date->toIso(), 'time' => $this->now->time(), 'user_id' => $this->userId, 'watch_check_id' => $check->id,
            ]);
        }
    }
}
