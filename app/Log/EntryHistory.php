<?php

declare(strict_types=1);

namespace App\Log;

use App\Models\User;
use Illuminate\Database\Eloquent\Model;
use Spatie\Activitylog\Models\Activity;

/** How an entry stood after each of its changes, read backwards from how it stands now. */
final readonly class EntryHistory
{
    private const MOST = 100;

    /** @return list<EntryVersion> the present one first */
    public static function of(Model $entry): array
    {
        $changes = Activity::query()->where(['subject_type' => $entry::class, 'subject_id' => $entry->getKey()])->orderByDesc('id')->limit(self::MOST)->get();
        $state = clone $entry;
        $versions = [];
        $hasFirst = false;
        foreach ($changes as $change) {
            $event = (string) $change->event;
            $versions[] = new EntryVersion($change->id, $event, $change->created_at?->toIso8601String(), $change->causer_type === User::class ? $change->causer_id : null, clone $state);
            $hasFirst = $event === 'created';
            if ($event === 'updated') {
                $state = (clone $state)->forceFill((array) ($change->changes()['old'] ?? []));
            }
        }
        if (! $hasFirst) {
            $versions[] = new EntryVersion(0, 'created', $entry->getAttribute('created_at')?->toIso8601String(), $entry->getAttributes()['user_id'] ?? null, $state);
        }

        return $versions;
    }

    /** The newest change, by which a stale correction is noticed; 0: none yet. */
    public static function lastChange(Model $entry): int
    {
        return (int) Activity::query()->where(['subject_type' => $entry::class, 'subject_id' => $entry->getKey()])->max('id');
    }
}
